import { analyseDocument } from '@/documents/analyse-document'
import { answerOpen } from '@/keeping/answer'
import { IN_DOCUMENTS } from '@/words/documents'

export const POST = (request: Request) => answerOpen(request, (value) => analyseDocument(value, IN_DOCUMENTS))
