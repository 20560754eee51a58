import { SIDES, type Side } from '../conventions'
import type { Pose } from '../pose/pose'

/** An order on a leg, as the share on the left foot at which it ends. */
export type OrderOnBeam = { side: Side; most: number; leftAt: number }

/** The shares on the left foot that can be held with the centre where it is, as far as the orders allow them. */
export type HeldSplit = { low: number; high: number; none: boolean; orders: OrderOnBeam[] }

/**
 * @param read of an analysis, its possible split and its pose
 * @example findHeldSplit(analyse(ana, bow))?.orders // => []
 */
export function findHeldSplit(read: {
  possibleSplit: readonly [number, number] | null
  pose: Pick<Pose, 'body'>
}): HeldSplit | null {
  const { possibleSplit, pose } = read
  if (!possibleSplit) return null
  const { loadMax } = pose.body
  const orders = SIDES.filter((side) => loadMax[side] < 1).map((side) => {
    const most = loadMax[side]
    return { side, most, leftAt: side === 'left' ? most : 1 - most }
  })
  const low = Math.max(possibleSplit[0], 1 - loadMax.right)
  const high = Math.min(possibleSplit[1], loadMax.left)
  return { low, high, none: low > high + 1e-9, orders }
}
