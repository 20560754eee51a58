import { answerDocument } from '@/server/answer'
import { addNewPerson } from '@/server/people'

export const POST = (request: Request) => answerDocument(request, addNewPerson)
