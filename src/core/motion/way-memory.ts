import type { Body } from '../body/body'
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
  let of: { body: Body; key: string } | null = null
  return {
    take: (ask, look) => {
      if (of?.body !== ask.body) {
        const key = JSON.stringify(ask.body)
        if (of?.key !== key) known.clear()
        of = { body: ask.body, key }
      }
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
