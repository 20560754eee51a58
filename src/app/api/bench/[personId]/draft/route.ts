import { answerDocument } from '@/keeping/answer'
import { keepDraft } from '@/keeping/bench'

type Context = { params: Promise<{ personId: string }> }

export const PUT = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => keepDraft((await params).personId, value))
