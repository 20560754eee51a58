import { answerDocument } from '@/server/answer'
import { search } from '@/server/search/pool'

export const POST = (request: Request) => answerDocument(request, (value) => search('variants', value, request.signal))
