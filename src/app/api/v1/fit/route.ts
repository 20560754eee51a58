import { answerOpen, LARGEST_FILE } from '@/server/answer'
import { search } from '@/server/search/pool'

export const POST = (request: Request) =>
  answerOpen(request, (value) => search('fit', value, request.signal), LARGEST_FILE)
