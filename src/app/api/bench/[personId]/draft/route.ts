import { answerDocument } from '@/server/answer'
import { keepDraft } from '@/server/bench'

type Context = { params: Promise<{ personId: string }> }

export const PUT = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => keepDraft((await params).personId, value))
