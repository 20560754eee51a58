import { calcSupportingBase } from '../balance/base'
import { calcOneFootReserve } from '../balance/reserve'
import type { Body } from '../body/body'
import type { Side } from '../conventions'
import { calcInside } from '../geometry/inside'
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
 * Pressures along a foot that carries all, which keep the reserve for one foot to its usable edge: the front end, the
 * rear end, the middle; none where it keeps it nowhere.
 */
export function listKeptPressures(parts: number, footingAt: (pressureAt: number) => Footing): number[] {
  const kept = Array.from({ length: parts + 1 }, (_, i) => i / parts).filter((pressureAt) => {
    const footing = footingAt(pressureAt)
    const part = calcSupportingBase(footing)?.map(([x, y]) => ({ x, y }))
    const [x, y] = footing.centre
    return part !== undefined && calcInside(part, x, y) >= calcOneFootReserve(footing)
  })
  const chosen = [kept.at(-1), kept[0], kept[kept.length >> 1]]
  return [...new Set(chosen)].filter((at): at is number => at !== undefined)
}
