import { answerDocument } from '@/keeping/answer'
import { changePosture, resetPosture } from '@/keeping/library'

type Context = { params: Promise<{ id: string }> }

export const PUT = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => changePosture((await params).id, value))
export const DELETE = (request: Request, { params }: Context) =>
  answerDocument(request, async () => resetPosture((await params).id))
