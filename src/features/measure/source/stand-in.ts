import { nowMs } from '@/clock'
import { type Body, disturb, NO_MISCHIEF, type Reading, type ReadingKind, type Stance, seeded, standIn } from '@/core'
import { BAD_CABLE, RATES, standInOf } from '@/documents/readings/stand-in-of'

/** Who stands on a stand-in, how, with how much more sway than quiet, and on how bad a cable. */
export type StandInOf = { body: Body; stance: Stance; sway: number; bad: boolean; loadLeft: () => number }

const EVERY_MS = 50

/** Readings of somebody of the model, as time passes. */
export function startStandIn(
  kind: ReadingKind,
  { body, stance, sway, bad, loadLeft }: StandInOf,
  put: (came: readonly Reading[]) => void,
): () => void {
  const random = seeded(nowMs())
  const shifts: { atS: number; loadLeft: number }[] = []
  const all = standIn(kind, standInOf(body, stance, sway), RATES[kind], random, shifts)
  const came = disturb(all, bad ? BAD_CABLE : NO_MISCHIEF, seeded(nowMs() + 1))
  const began = performance.now()
  let next = came.next()
  const timer = setInterval(() => {
    const now = (performance.now() - began) / 1000
    // Wherever they are asked to go, they go.
    if (shifts.at(-1)?.loadLeft !== loadLeft()) shifts.push({ atS: now, loadLeft: loadLeft() })
    const due: Reading[] = []
    while (!next.done && next.value.atS <= now) {
      due.push(next.value)
      next = came.next()
    }
    put(due)
  }, EVERY_MS)
  return () => clearInterval(timer)
}
