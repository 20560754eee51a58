import { answerOpen } from '@/keeping/answer'
import { search } from '@/keeping/search/pool'

export const POST = (request: Request) =>
  answerOpen(request, (value, { language }) => search('variants', value, language, request.signal))
