import { answerDocument } from '@/server/answer'
import { renameGroup, takeGroups } from '@/server/groups'

/** The groups of some names, made where they are not there yet. */
export const POST = (request: Request) => answerDocument(request, takeGroups)
export const PATCH = (request: Request) => answerDocument(request, renameGroup)
