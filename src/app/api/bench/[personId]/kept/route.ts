import { answerDocument } from '@/keeping/answer'
import { keepStance } from '@/keeping/bench'

type Context = { params: Promise<{ personId: string }> }

export const POST = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => keepStance((await params).personId, value))
