import { fitDocument } from '@/formats/fit-document'
import { answerDocument } from '@/server/answer'

export const POST = (request: Request) => answerDocument(request, fitDocument)
