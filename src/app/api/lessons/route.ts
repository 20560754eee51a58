import { answer, answerDocument } from '@/keeping/answer'
import { dropLesson, keepLesson, listLessons, shiftLessons } from '@/keeping/lessons'

export const GET = () => answer(listLessons)
export const PUT = (request: Request) => answerDocument(request, keepLesson)
export const PATCH = (request: Request) => answerDocument(request, shiftLessons)
export const DELETE = (request: Request) => answerDocument(request, dropLesson)
