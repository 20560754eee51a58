import { answerDocument } from '@/server/answer'
import { renameGroup } from '@/server/people'

export const PATCH = (request: Request) => answerDocument(request, renameGroup)
