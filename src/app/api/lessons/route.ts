import { answer, answerDocument } from '@/server/answer'
import { dropLesson, keepLesson, listLessons, shiftLessons } from '@/server/lessons'

export const GET = () => answer(listLessons)
export const PUT = (request: Request) => answerDocument(request, keepLesson)
export const PATCH = (request: Request) => answerDocument(request, shiftLessons)
export const DELETE = (request: Request) => answerDocument(request, dropLesson)
