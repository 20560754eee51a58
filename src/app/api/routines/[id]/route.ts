import { answerDocument } from '@/keeping/answer'
import { resetRoutine, saveRoutine } from '@/keeping/routines'

type Context = { params: Promise<{ id: string }> }

export const PUT = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => saveRoutine((await params).id, value))
export const DELETE = (request: Request, { params }: Context) =>
  answerDocument(request, async () => resetRoutine((await params).id))
