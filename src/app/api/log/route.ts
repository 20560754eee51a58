import { answer, answerDocument, LARGEST_FILE } from '@/keeping/answer'
import { bringInLog, enterLog, takeOutLog } from '@/keeping/log'

export const GET = () => answer(takeOutLog)
/** Entries as they are made. */
export const POST = (request: Request) => answerDocument(request, enterLog)
/** A log that comes in, as `nivrel.log/1`. */
export const PUT = (request: Request) => answerDocument(request, bringInLog, LARGEST_FILE)
