import { analyseDocument } from '@/documents/analyse-document'
import { answerOpen } from '@/keeping/answer'
import { documentWords } from '@/words/documents'

export const POST = (request: Request) =>
  answerOpen(request, (value, words) => analyseDocument(value, documentWords(words)))
