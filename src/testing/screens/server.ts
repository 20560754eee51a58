import { findRoute } from './routes'

type Handler = (request: Request, context: { params: Promise<unknown> }) => Promise<Response>

const handlers = import.meta.glob<Record<string, Handler>>('../../app/api/**/route.ts')

/** What a page asked of the server, in order. */
export const asked: string[] = []

let gone = false

/** From here on nobody answers, until the server is there again. */
export const setServerGone = (isGone: boolean): void => {
  gone = isGone
}

/** Answers a page's requests by the application's own route handlers, with what went over the wire. */
export async function answerPage(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
  const url = new URL(String(input), window.location.origin)
  const method = init?.method ?? 'GET'
  asked.push(`${method} ${url.pathname}`)
  if (gone) throw new TypeError('Failed to fetch')
  const { load, params } = findRoute(handlers, 'route.ts', url.pathname)
  const handle = (await load())[method]
  if (!handle) return new Response(null, { status: 405 })
  const { body, headers } = init ?? {}
  return handle(new Request(url.href, { method, body, headers }), { params: Promise.resolve(params) })
}
