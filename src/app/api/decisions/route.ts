import { answerDocument } from '@/server/answer'
import { keepDecision } from '@/server/decisions'

export const PUT = (request: Request) => answerDocument(request, keepDecision)
