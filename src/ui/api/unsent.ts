const KEY = 'nivrel.unsent '

/** What the server did not take: what it was to go over, and the page that it belongs to. */
export type Unsent<T> = { value: T; revision: number; href: string; title: string }

/** Keeps on this machine what no server takes, so that a page that is left loses nothing. */
export const keepUnsent = (what: string, value: unknown, revision: number): void => {
  const { pathname, search } = window.location
  const kept: Unsent<unknown> = { value, revision, href: `${pathname}${search}`, title: document.title }
  localStorage.setItem(`${KEY}${what}`, JSON.stringify(kept))
}

export const dropUnsent = (what: string): void => localStorage.removeItem(`${KEY}${what}`)

/** What of this the server does not have; null where nothing waits, or the server has it after all. */
export function readUnsent<T>(what: string, there: T | null): Unsent<T> | null {
  const kept = JSON.parse(localStorage.getItem(`${KEY}${what}`) ?? 'null') as Unsent<T> | null
  if (!kept) return null
  // An answer may have got lost on its way.
  if (!isAlike(kept.value, there)) return kept
  dropUnsent(what)
  return null
}

/** The same, in whatever order its keys stand: a server writes them in its own. */
export const isAlike = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b))

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted)
  if (typeof value !== 'object' || value === null) return value
  const entries = Object.entries(value).filter(([, one]) => one !== undefined)
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([key, one]) => [key, sorted(one)]))
}

/** Pages with something that waits on this machine. */
export const listUnsent = (): { href: string; title: string }[] =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(KEY))
    .map((key) => JSON.parse(localStorage.getItem(key) ?? '{}') as Unsent<unknown>)
