import { readBalance } from '../balance/balance'
import { calcSupportingBase } from '../balance/base'
import { calcOneFootReserve } from '../balance/reserve'
import type { Body } from '../body/body'
import type { Side } from '../conventions'
import { calcInside } from '../geometry/inside'
import { mix } from '../geometry/vector'
import { bisect } from '../numeric/bisect'
import { BEARING_PARTS, placeFoot } from '../stance/foot'
import type { Footing } from '../stance/footing'
import type { FootSetting } from '../stance/stance'

/**
 * Where a foot's pressure is indeed, as a fraction of its bearing part, for one that is asked: within the usable part.
 * What moves between two of these moves all the way through.
 */
export function pressureWithin(body: Body, side: Side, foot: FootSetting): number {
  if (foot.contact === 'air') return foot.pressureAt
  const { from, to } = BEARING_PARTS[foot.contact]
  const { pressureU, pressureV } = placeFoot(body, side, foot)
  return pressureV === 0 ? (pressureU - from) / (to - from) : foot.pressureAt
}

/** The rear and front ends of where a foot can be pressed. */
export const pressureRange = (body: Body, side: Side, foot: FootSetting): [rear: number, front: number] => [
  pressureWithin(body, side, { ...foot, pressureAt: 0 }),
  pressureWithin(body, side, { ...foot, pressureAt: 1 }),
]

/**
 * From where to where a foot that carries all can be pressed, as fractions of its bearing part, rear and front end;
 * null where nowhere. What is kept is one stretch, for the part is convex.
 * @param keeps whether a footing may be so
 */
function findRange(
  footingAt: (pressureAt: number) => Footing,
  keeps: (footing: Footing) => boolean,
): [rear: number, front: number] | null {
  const isKept = (pressureAt: number) => keeps(footingAt(pressureAt))
  const places = Array.from({ length: PLACES + 1 }, (_, i) => i / PLACES)
  const [rear, front] = [places.find(isKept), places.findLast(isKept)]
  if (rear === undefined || front === undefined) return null
  return [
    rear === 0 ? 0 : bisect(isKept, rear, rear - 1 / PLACES, FINE),
    front === 1 ? 1 : bisect(isKept, front, front + 1 / PLACES, FINE),
  ]
}
const PLACES = 20
const FINE = 1e-3

/** Whether the centre keeps the reserve for one foot to the usable edge. */
function keepsReserve(footing: Footing): boolean {
  const part = calcSupportingBase(footing)?.map(([x, y]) => ({ x, y }))
  const [x, y] = footing.centre
  return part !== undefined && calcInside(part, x, y) >= calcOneFootReserve(footing)
}

/** The rearmost place at which nothing is said to be past its edge: what is sure of the margin is more than 0. */
export const findRearmost = (footingAt: (pressureAt: number) => Footing): number | null =>
  findRange(footingAt, (footing) => readBalance(footing).assured.margin > 0)?.[0] ?? null

/**
 * Pressures from the rear to the front end of where a foot that carries all keeps the reserve for one foot, so many
 * steps apart; none where it keeps it nowhere.
 */
export function spreadKeptPressures(steps: number, footingAt: (pressureAt: number) => Footing): number[] {
  const range = findRange(footingAt, keepsReserve)
  return range ? Array.from({ length: steps + 1 }, (_, i) => mix(range[0], range[1], i / steps)) : []
}
