import { answerDocument, LARGEST_FILE } from '@/server/answer'
import { search } from '@/server/search/pool'

export const POST = (request: Request) =>
  answerDocument(request, (value) => search('fit', value, request.signal), LARGEST_FILE)
