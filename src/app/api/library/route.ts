import { answer, answerDocument } from '@/server/answer'
import { addPosture, listOwn } from '@/server/library'

export const GET = () => answer(listOwn)
export const POST = (request: Request) => answerDocument(request, addPosture)
