import { answerOpen } from '@/server/answer'
import { search } from '@/server/search/pool'

export const POST = (request: Request) => answerOpen(request, (value) => search('path', value, request.signal))
