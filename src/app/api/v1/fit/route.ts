import { answerOpen, LARGEST_FILE } from '@/keeping/answer'
import { search } from '@/keeping/search/pool'

export const POST = (request: Request) =>
  answerOpen(request, (value, { language }) => search('fit', value, language, request.signal), LARGEST_FILE)
