import { answerDocument } from '@/keeping/answer'
import { callRoll } from '@/keeping/roll-call'

export const PUT = (request: Request) => answerDocument(request, callRoll)
