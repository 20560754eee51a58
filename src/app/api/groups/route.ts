import { answerDocument } from '@/keeping/answer'
import { renameGroup, takeGroups } from '@/keeping/groups'

/** The groups of some names, made where they are not there yet. */
export const POST = (request: Request) => answerDocument(request, takeGroups)
export const PATCH = (request: Request) => answerDocument(request, renameGroup)
