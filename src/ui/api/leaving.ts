const KEY = 'nivrel.leaving'
const LOOK_EVERY_MS = 150
const PATIENCE_MS = 3000

/**
 * What is sent while a page is left can arrive after the page that comes next was made. The page that is left says here
 * what it sent (never the thing itself), so that the next one looks again.
 */
export const rememberLeaving = (what: string): void => sessionStorage.setItem(KEY, what)

/** Whether the page before this one in the tab sent this while it was left; asked once. */
function wasSent(what: string): boolean {
  if (sessionStorage.getItem(KEY) !== what) return false
  sessionStorage.removeItem(KEY)
  return true
}

/** Looks until what was sent while the page before was left has arrived; null where nothing was, or nothing arrives. */
export async function awaitSent<T>(
  what: string,
  look: () => Promise<T>,
  isThere: (found: T) => boolean,
): Promise<T | null> {
  if (!wasSent(what)) return null
  for (let waited = 0; waited < PATIENCE_MS; waited += LOOK_EVERY_MS) {
    const found = await look()
    if (isThere(found)) return found
    await new Promise((done) => setTimeout(done, LOOK_EVERY_MS))
  }
  return null
}
