import { answer, answerDocument, LARGEST_FILE } from '@/server/answer'
import { addRecords, listRecords } from '@/server/people'

export const GET = () => answer(listRecords)
export const POST = (request: Request) => answerDocument(request, addRecords, LARGEST_FILE)
