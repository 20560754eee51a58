import { type NextRequest, NextResponse } from 'next/server'
import { findLanguage, LANGUAGE_HEADER } from '@/documents/languages'
import { isFromHere } from '@/keeping/from-here'
import { isNameAnswered } from '@/keeping/host'

const READS = new Set(['GET', 'HEAD', 'OPTIONS'])
const DEVELOPING = process.env.NODE_ENV === 'development'

/**
 * What every answer carries: pages may load only what ships with this application, may not be framed, and tell no other
 * site where they were. A write from another site, and anything under another name, is refused before it reaches anything.
 */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? ''
  if (!isNameAnswered(host, process.env.NIVREL_HOST)) {
    return refuse('for another host', 'requests to 127.0.0.1 or localhost, unless NIVREL_HOST says otherwise')
  }
  if (!READS.has(request.method) && !isFromHere(request.headers)) {
    return refuse('from another site', 'requests from this application')
  }
  if (!isReadable(request.nextUrl.pathname))
    return refuse('an address that cannot be read', 'addresses as links have them', 400)
  const nonce = crypto.randomUUID().replaceAll('-', '')
  const headers = new Headers(request.headers)
  const policy = makePolicy(nonce)
  // Next reads the nonce for its own scripts from here; the layout gives it to ours.
  headers.set('content-security-policy', policy)
  headers.set('x-nonce', nonce)
  // Nobody but an address says it this way.
  headers.delete(LANGUAGE_HEADER)
  const language = findLanguage(request.nextUrl.searchParams.get('lang'))
  if (language) headers.set(LANGUAGE_HEADER, language)
  return withHeaders(NextResponse.next({ request: { headers } }), policy)
}

const refuse = (value: string, accepts: string, status: 400 | 403 = 403): NextResponse =>
  withHeaders(NextResponse.json({ error: { field: 'request', value, accepts } }, { status }), '')

/** A malformed % in an address is the asker's mistake. */
function isReadable(path: string): boolean {
  try {
    decodeURIComponent(path)
    return true
  } catch {
    return false
  }
}

const makePolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${DEVELOPING ? " 'unsafe-eval'" : ''}`,
    // Drawings carry their places in style attributes; no style can fetch anything from elsewhere.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${DEVELOPING ? ' ws:' : ''}`,
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

function withHeaders(response: NextResponse, policy: string): NextResponse {
  response.headers.set('content-security-policy', policy || "default-src 'none'; frame-ancestors 'none'")
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('x-frame-options', 'DENY')
  response.headers.set('referrer-policy', 'no-referrer')
  response.headers.set('cross-origin-opener-policy', 'same-origin')
  response.headers.set('cross-origin-resource-policy', 'same-origin')
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=(), interest-cohort=()')
  if (!response.headers.get('cache-control')) response.headers.set('cache-control', 'no-store')
  return response
}

export const config = { matcher: ['/((?!_next/static|_next/image).*)'] }
