import { analyseDocument } from '@/formats/analyse-document'
import { answerDocument } from '@/server/answer'
import { IN_DOCUMENTS } from '@/words/documents'

export const POST = (request: Request) => answerDocument(request, (value) => analyseDocument(value, IN_DOCUMENTS))
