import { answer, answerDocument } from '@/keeping/answer'
import { addPosture, listOwn } from '@/keeping/library'

export const GET = () => answer(listOwn)
export const POST = (request: Request) => answerDocument(request, addPosture)
