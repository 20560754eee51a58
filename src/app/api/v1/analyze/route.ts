import { analyseDocument } from '@/formats/analyse-document'
import { answerDocument } from '@/server/answer'

export const POST = (request: Request) => answerDocument(request, analyseDocument)
