import { ask, OvertakenError } from './ask'
import { LOCAL, readJson } from './shelf'

const KEY = 'nivrel.unsent '

/** A save as it is asked of the server. */
export type SaveRequest = { path: string; body: object }

/** What the server did not take: what it was to go over, how it is sent, and the page that it belongs to. */
export type Unsent<T> = { value: T; revision: number; request: SaveRequest; href: string; title: string }

/** Keeps on this machine what no server takes, so that a page that is left loses nothing; whether it is kept. */
export const keepUnsent = (what: string, kept: Unsent<unknown>): boolean =>
  LOCAL.write(`${KEY}${what}`, JSON.stringify(kept))

export const dropUnsent = (what: string): void => LOCAL.remove(`${KEY}${what}`)

const read = <T>(what: string): Unsent<T> | null => readJson(LOCAL, `${KEY}${what}`)

/** What of this the server does not have; null where nothing waits, or the server has it after all. */
export function readUnsent<T>(what: string, there: T | null): Unsent<T> | null {
  const kept = read<T>(what)
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

/** What waits for its page: by its name, and where it is. */
export type Waiting = Pick<Unsent<unknown>, 'href' | 'title'>

/**
 * Sends what other pages left waiting, each over what it was to go over. What still waits afterwards: no server answers,
 * or somebody else saved meanwhile, and its page asks which of the two.
 */
export async function sendUnsent(here: string): Promise<Waiting[]> {
  const waiting = LOCAL.keys().filter((key) => key.startsWith(KEY))
  const left = await Promise.all(
    waiting.map(async (key): Promise<Waiting[]> => {
      const what = key.slice(KEY.length)
      const kept = read(what)
      if (!kept || kept.href === here) return []
      const isSent = await ask(kept.request.path, 'PUT', kept.request.body).then(
        () => true,
        (error: unknown) => error instanceof OvertakenError && isIn(error.current, kept.value),
      )
      if (!isSent) return [kept]
      dropUnsent(what)
      return []
    }),
  )
  return left.flat()
}

/** Whether what is there is what was to be saved: it had arrived, and its answer got lost. */
const isIn = (there: unknown, value: unknown): boolean => Object.values(there ?? {}).some((one) => isAlike(one, value))
