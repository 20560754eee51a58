import { answer, answerDocument } from '@/keeping/answer'
import { readRecord, saveRecord, takeAway } from '@/keeping/people'

type Context = { params: Promise<{ id: string }> }

export const GET = (_: Request, { params }: Context) => answer(async () => readRecord((await params).id))
export const PUT = (request: Request, { params }: Context) =>
  answerDocument(request, async (value) => saveRecord((await params).id, value))
export const DELETE = (request: Request, { params }: Context) =>
  answerDocument(request, async () => takeAway((await params).id))
