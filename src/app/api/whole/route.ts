import { answer, answerDocument, LARGEST_FILE } from '@/keeping/answer'
import { endWholeImport, readWhole, takeWholePart } from '@/keeping/whole'

/** Everything out; in again in parts, and then all at once. */
export const GET = () => answer(readWhole)
export const POST = (request: Request) => answerDocument(request, takeWholePart, LARGEST_FILE)
export const PUT = (request: Request) => answerDocument(request, endWholeImport, LARGEST_FILE)
