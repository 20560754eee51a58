import { answerOpen } from '@/keeping/answer'
import { search } from '@/keeping/search/pool'

export const POST = (request: Request) =>
  answerOpen(request, (value, { language }) => search('path', value, language, request.signal))
