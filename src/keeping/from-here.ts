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
