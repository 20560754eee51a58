import { answerDocument } from '@/server/answer'
import { callRoll } from '@/server/roll-call'

export const PUT = (request: Request) => answerDocument(request, callRoll)
