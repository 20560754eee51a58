import { answer, answerDocument, LARGEST_FILE } from '@/server/answer'
import { addRecords, takeOutRecords } from '@/server/people'

export const GET = () => answer(takeOutRecords)
export const POST = (request: Request) => answerDocument(request, addRecords, LARGEST_FILE)
