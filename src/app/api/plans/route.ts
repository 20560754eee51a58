import { answerDocument } from '@/keeping/answer'
import { dropPlan, keepPlan } from '@/keeping/plans'

export const PUT = (request: Request) => answerDocument(request, keepPlan)
export const DELETE = (request: Request) => answerDocument(request, dropPlan)
