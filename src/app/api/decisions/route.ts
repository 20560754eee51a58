import { answerDocument } from '@/keeping/answer'
import { keepDecision } from '@/keeping/decisions'

export const PUT = (request: Request) => answerDocument(request, keepDecision)
