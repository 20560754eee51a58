import { readJson, SESSION } from './shelf'

const KEY = 'nivrel.leaving'
const LOOK_EVERY_MS = 150
const PATIENCE_MS = 3000

/**
 * What is sent while a page is left can arrive after the page that comes next was made. The page that is left says here
 * what it sent (never the thing itself), so that the next one looks again.
 */
export const rememberLeaving = (what: string, revision: number): boolean =>
  SESSION.write(KEY, JSON.stringify({ what, revision }))

/** The revision that the page before this one in the tab made of this while it was left; asked once. */
function takeSent(what: string): number | null {
  const sent = readJson<{ what: string; revision: number }>(SESSION, KEY)
  if (sent?.what !== what) return null
  SESSION.remove(KEY)
  return sent.revision
}

/**
 * Looks until what was sent while the page before was left has arrived, or for as long as it may take: what was found
 * last; null where nothing was sent.
 */
export async function awaitSent<T>(
  what: string,
  look: () => Promise<T>,
  revisionOf: (found: T) => number,
): Promise<T | null> {
  const revision = takeSent(what)
  if (revision === null) return null
  for (let waited = 0; ; waited += LOOK_EVERY_MS) {
    const found = await look()
    if (revisionOf(found) >= revision || waited >= PATIENCE_MS) return found
    await new Promise((done) => setTimeout(done, LOOK_EVERY_MS))
  }
}
