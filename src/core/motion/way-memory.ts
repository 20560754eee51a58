import { followBody } from './one-body'
import type { WayAsk } from './plan-ways'
import { type Look, takeWay } from './take-way'

type Taken = ReturnType<typeof takeWay>

/** Ways that were made before, of one body after the other: what is asked again is not worked out again. */
export type WayMemory = { take: (ask: WayAsk, look: Look) => Taken }

/** Every instant of a way is kept with it. */
const MOST = 64

/**
 * Keeps the ways that were made last. A routine of which something little was changed is made anew from there on alone.
 * @param most how many are kept
 * @example makePath(ana, routine, 20, 'whole', keepWays()).verdict // => 'holds'
 */
export function keepWays(most = MOST): WayMemory {
  const known = new Map<string, Taken>()
  const isSameBody = followBody()
  return {
    take: (ask, look) => {
      if (!isSameBody(ask.body)) known.clear()
      const { before, part, index } = ask
      const key = JSON.stringify([before.stance, before.error === null, part, index, look])
      const taken = known.get(key) ?? takeWay(ask, look)
      // What was asked last is forgotten last.
      known.delete(key)
      known.set(key, taken)
      for (const oldest of known.keys()) {
        if (known.size <= most) break
        known.delete(oldest)
      }
      return taken
    },
  }
}
