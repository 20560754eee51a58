import { answerDocument } from '@/server/answer'
import { resetRoutine, saveRoutine } from '@/server/routines'

type Context = { params: Promise<{ id: string }> }

export const PUT = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => saveRoutine((await params).id, value))
export const DELETE = (request: Request, { params }: Context) =>
  answerDocument(request, async () => resetRoutine((await params).id))
