import { InputError } from '@/core'
import { toErrorDocument } from '@/formats/error-document'
import { parseJson } from '@/formats/parse'

const LARGEST_BODY = 1_000_000

/** Answers with what `compute` gives: 400 with the field, the value and what is accepted on bad input. */
export async function answer(compute: () => unknown): Promise<Response> {
  try {
    return Response.json((await compute()) ?? null)
  } catch (error) {
    if (error instanceof InputError) return Response.json(toErrorDocument(error), { status: 400 })
    throw error
  }
}

/** Answers a request that carries one JSON document. */
export const answerDocument = (request: Request, compute: (value: unknown) => unknown): Promise<Response> =>
  answer(async () => compute(await readDocument(request)))

async function readDocument(request: Request): Promise<unknown> {
  if (!isFromHere(request)) throw new InputError('request', 'from another site', 'requests from this application')
  const body = await request.text()
  if (body.length > LARGEST_BODY) throw new InputError('document', `${body.length} characters`, 'at most one million')
  return parseJson(body)
}

/** A page of another site must not write into this one. */
function isFromHere(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site')
  return site === null || site === 'same-origin' || site === 'none'
}
