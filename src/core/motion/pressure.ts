import type { Body } from '../body/body'
import type { Side } from '../conventions'
import { BEARING_PARTS, placeFoot } from '../stance/foot'
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
