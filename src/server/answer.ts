import { InputError } from '@/core'
import { toErrorDocument } from '@/formats/error-document'
import { parseJson } from '@/formats/parse'
import { ConflictError } from './conflict'

const LARGEST_BODY = 1_000_000
/** A class with its records, or a spreadsheet of people. */
export const LARGEST_FILE = 20_000_000

/**
 * Answers with what `compute` gives: 400 with the field, the value and what is accepted on bad input, 409 with what is
 * there on a save over somebody else's.
 */
export async function answer(compute: () => unknown): Promise<Response> {
  try {
    return Response.json((await compute()) ?? null)
  } catch (error) {
    if (error instanceof InputError) return Response.json(toErrorDocument(error), { status: 400 })
    if (error instanceof ConflictError) return Response.json({ current: error.current }, { status: 409 })
    throw error
  }
}

/** Answers a request that carries one JSON document. */
export const answerDocument = (
  request: Request,
  compute: (value: unknown) => unknown,
  largest = LARGEST_BODY,
): Promise<Response> => answer(async () => compute(await readDocument(request, largest)))

async function readDocument(request: Request, largest: number): Promise<unknown> {
  if (!isFromHere(request.headers)) {
    throw new InputError('request', 'from another site', 'requests from this application')
  }
  const body = await request.text()
  if (body.length > largest) throw new InputError('document', `${body.length} characters`, `at most ${largest}`)
  return parseJson(body)
}

/** A page of another site must not write into this one; programs without a browser send neither header. */
export function isFromHere(headers: Headers): boolean {
  const site = headers.get('sec-fetch-site')
  if (site !== null && site !== 'same-origin' && site !== 'none') return false
  const origin = headers.get('origin')
  return origin === null || hostOf(origin) === headers.get('host') || headers.get('host') === null
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
