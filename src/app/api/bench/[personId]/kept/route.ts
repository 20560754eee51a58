import { answerDocument } from '@/server/answer'
import { keepStance } from '@/server/bench'

type Context = { params: Promise<{ personId: string }> }

export const POST = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => keepStance((await params).personId, value))
