import { answerDocument } from '@/server/answer'
import { dropPlan, keepPlan } from '@/server/plans'

export const PUT = (request: Request) => answerDocument(request, keepPlan)
export const DELETE = (request: Request) => answerDocument(request, dropPlan)
