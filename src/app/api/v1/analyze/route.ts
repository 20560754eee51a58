import { analyseDocument } from '@/formats/analyse-document'
import { answerOpen } from '@/server/answer'
import { IN_DOCUMENTS } from '@/words/documents'

export const POST = (request: Request) => answerOpen(request, (value) => analyseDocument(value, IN_DOCUMENTS))
