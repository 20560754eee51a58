import { answerDocument } from '@/keeping/answer'
import { rewordKept, takeAwayKept } from '@/keeping/bench'

type Context = { params: Promise<{ id: string }> }

export const PATCH = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => rewordKept((await params).id, value))

/** Takes it away and gives it back, so that it can be put back. */
export const DELETE = (request: Request, { params }: Context) =>
  answerDocument(request, async () => takeAwayKept((await params).id))
