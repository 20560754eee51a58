import { answerDocument, LARGEST_FILE } from '@/keeping/answer'
import { endImport, takeBackImport, takeImportPart } from '@/keeping/people'

/** A part of a long list; and, once all are there, everybody onto the list at once. */
export const POST = (request: Request) => answerDocument(request, takeImportPart, LARGEST_FILE)
export const PUT = (request: Request) => answerDocument(request, endImport)
/** Takes back who came in. */
export const DELETE = (request: Request) => answerDocument(request, takeBackImport, LARGEST_FILE)
