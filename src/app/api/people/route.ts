import { answer, answerDocument, LARGEST_FILE } from '@/keeping/answer'
import { addRecords, takeOutRecords } from '@/keeping/people'

export const GET = () => answer(takeOutRecords)
export const POST = (request: Request) => answerDocument(request, addRecords, LARGEST_FILE)
