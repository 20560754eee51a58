/**
 * Where what waits is kept on this machine, so that a page that is closed, or a machine that goes out, loses nothing. A
 * browser may refuse to keep anything, or be full: then nothing is thrown, and whoever writes is told.
 */
export type Shelf = {
  keys: () => string[]
  read: (key: string) => string | null
  /** Whether it is kept. */
  write: (key: string, text: string) => boolean
  remove: (key: string) => void
}

function attempt<T>(run: () => T, otherwise: T): T {
  try {
    return run()
  } catch {
    return otherwise
  }
}

/** The shelf of a browser: of all its windows (`local`), or of one of them as long as it is open (`session`). */
const makeShelf = (open: () => Storage): Shelf => ({
  keys: () => attempt(() => Object.keys(open()), []),
  read: (key) => attempt(() => open().getItem(key), null),
  write: (key, text) =>
    attempt(() => {
      open().setItem(key, text)
      return true
    }, false),
  remove: (key) => attempt(() => open().removeItem(key), undefined),
})

export const LOCAL = makeShelf(() => localStorage)
export const SESSION = makeShelf(() => sessionStorage)

/** What was written as JSON; null where there is none, or it cannot be read: then it stays where it is. */
export function readJson<T>(shelf: Shelf, key: string, revive?: (key: string, value: unknown) => unknown): T | null {
  const text = shelf.read(key)
  return text === null ? null : attempt(() => JSON.parse(text, revive) as T, null)
}
