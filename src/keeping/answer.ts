import { InputError } from '@/core'
import { toErrorDocument } from '@/documents/error-document'
import { parseJson } from '@/documents/parse'
import { StorageError } from '@/keeping/db/errors'
import { documentWords, IN_DOCUMENTS } from '@/words/documents'
import type { Words } from '@/words/language'
import { ConflictError } from './conflict'
import { isFromHere } from './from-here'
import { BusyError } from './search/pool'
import { readWords } from './words'

const LARGEST_BODY = 1_000_000
/** A class with its records, or a spreadsheet of people. */
export const LARGEST_FILE = 20_000_000

/**
 * Answers with what `compute` gives: 400 with the field, the value and what is accepted on bad input, 409 with what is
 * there on a save over somebody else's.
 */
export const answer = (compute: () => unknown): Promise<Response> => respond(compute, toRefusal)

async function respond(compute: () => unknown, refusal: (error: InputError) => unknown): Promise<Response> {
  try {
    return Response.json((await compute()) ?? null)
  } catch (error) {
    if (error instanceof InputError) return Response.json(refusal(error), { status: 400 })
    if (error instanceof ConflictError) return Response.json({ current: error.current }, { status: 409 })
    if (error instanceof BusyError || error instanceof StorageError) return refuse(503, error)
    return refuse(500, error as Error)
  }
}

/** What a document is refused with; besides, the code of what would be accepted, so that a screen says it its own way. */
function toRefusal(error: InputError) {
  const { error: refused } = toErrorDocument(error, IN_DOCUMENTS)
  return { error: { ...refused, code: error.accepts } }
}

/** What went wrong here, for the log: never a message of somebody else's, which could quote what was stored. */
function refuse(status: 500 | 503, error: Error): Response {
  const own = error instanceof BusyError || error instanceof StorageError
  const reason = own ? error.message : 'the server could not do this; nothing was changed'
  process.stderr.write(`nivrel: ${own ? error.message : `${error.name} ${whereOf(error)}`}\n`)
  return Response.json({ error: { field: 'server', value: null, accepts: reason } }, { status })
}

/** The first place of a stack, without its message. */
const whereOf = ({ stack = '' }: Error): string =>
  stack
    .split('\n')
    .find((line) => line.trim().startsWith('at '))
    ?.trim() ?? ''

type Compute = (value: unknown) => unknown

/** Answers a request that carries one JSON document. */
export const answerDocument = (request: Request, compute: Compute, largest = LARGEST_BODY): Promise<Response> =>
  answer(async () => compute(await readDocument(request, largest)))

/**
 * The same for the open routes, whose errors are the documents of the command line and nothing besides; said in the
 * language that is asked for.
 */
export async function answerOpen(
  request: Request,
  compute: (value: unknown, words: Words) => unknown,
  largest = LARGEST_BODY,
): Promise<Response> {
  const words = await readWords()
  return respond(
    async () => compute(await readDocument(request, largest), words),
    (error) => toErrorDocument(error, documentWords(words)),
  )
}

async function readDocument(request: Request, largest: number): Promise<unknown> {
  if (!isFromHere(request.headers)) {
    throw new InputError('request', null, { code: 'fromHere' })
  }
  const body = await request.text()
  if (body.length > largest) throw new InputError('document', body.length, { code: 'characters', most: largest })
  return parseJson(body)
}
