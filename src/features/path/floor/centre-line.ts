import type { ShownPath, Vec2 } from '@/core'
import { listInstants } from '@/ui/figure/instant'

/** A stretch of the centre's way that is drawn alike: how slow it is, 0 (fast) to `SLOWEST`, and whether it keeps the reserve. */
export type Stretch = { points: Vec2[]; slow: number; near: boolean }

/** Metres a second: below the last it is slow, below the first it all but stands. */
const SPEEDS = [0.005, 0.015, 0.03, 0.05, 0.075, 0.1, 0.14, 0.2] as const
export const SLOWEST = SPEEDS.length
const STILL = 1e-6

/** The way of the centre in stretches: thick where it is slow, clay where it is near the edge. */
export function listStretches(path: ShownPath): Stretch[] {
  const instants = listInstants(path)
  const stretches: Stretch[] = []
  instants.forEach(({ atS, instant }, i) => {
    const before = instants[i - 1]
    if (!before) return
    const [x, y] = before.instant.centre
    const way = Math.hypot(instant.centre[0] - x, instant.centre[1] - y)
    if (way < STILL || atS <= before.atS) return
    const slow = SPEEDS.filter((one) => way / (atS - before.atS) < one).length
    const near = instant.assured < instant.reserve
    const last = stretches.at(-1)
    if (last && last.slow === slow && last.near === near) last.points.push(instant.centre)
    else stretches.push({ points: [before.instant.centre, instant.centre], slow, near })
  })
  return stretches
}
