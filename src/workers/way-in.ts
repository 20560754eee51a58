import type { Choices, Person, Stance, WayIn } from '@/core'
import { Remembered } from '@/remember'
import { openWorker } from './open-worker'
import { keepPool, share } from './pool'
import type { WayInApi } from './way-in.worker'

/** A stance that somebody would come to. */
export type WayAsk = { person: Person; stance: Stance; choices: Choices }

const MOST = 300
const remembered = new Remembered<WayIn | null>(MOST)

const openPool = keepPool(() => openWorker<WayInApi>(new Worker(new URL('./way-in.worker.ts', import.meta.url))))

const keyOf = (ask: WayAsk) => JSON.stringify(ask)

/** What was worked out of it since the page was opened; undefined where nothing was. Null: it is sat, or cannot be stood. */
export const findWayIn = (ask: WayAsk): WayIn | null | undefined => remembered.get(keyOf(ask))

/** Works out the ways that are not known yet, and tells of each. */
export function startWaysIn(asks: readonly WayAsk[], onFound: () => void): { cancel: () => void } {
  const open = [...new Map(asks.map((ask) => [keyOf(ask), ask])).entries()].filter(([key]) => !remembered.has(key))
  if (open.length === 0) return { cancel: () => {} }
  const { workers, rest, end } = openPool(open.length)
  share(workers, open, async (worker, [key, { person, stance, choices }]) => {
    remembered.keep(key, await worker.ask((api) => api.read(person, stance, choices)))
    onFound()
  }).then(rest, end)
  return { cancel: end }
}
