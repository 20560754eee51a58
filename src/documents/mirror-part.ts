import type { ChangesDocument, PartDocument } from './routine-document'
import type { StanceBody } from './stance-document'

type Side = 'left' | 'right'
const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left')
/** 0 stays 0. */
const negate = (value: number) => 0 - value

/** A part with left for right: what turned left turns right. */
export function mirrorPart(part: PartDocument): PartDocument {
  const { side, headingDeg, anchor, at, with: changes, stance } = part
  return {
    ...part,
    ...(side && { side: otherSide(side) }),
    ...(headingDeg !== undefined && { headingDeg: negate(headingDeg) }),
    ...(anchor && { anchor: otherSide(anchor) }),
    ...(at && { at: { ...at, xM: negate(at.xM) } }),
    ...(changes && { with: mirrorChanges(changes) }),
    ...(stance && { stance: mirrorStance(stance) }),
    // A posture without a side of its own is the same in a mirror.
    ...(!side && part.posture && { side: 'right' as const }),
  }
}

function mirrorChanges(changes: ChangesDocument): ChangesDocument {
  const { loadLeftPct, height, pelvisYawDeg, trunk, feet, arms, supports } = changes
  return {
    ...changes,
    ...(loadLeftPct !== undefined && { loadLeftPct: 100 - loadLeftPct }),
    ...(height?.leg && { height: { ...height, leg: otherSide(height.leg) } }),
    ...(pelvisYawDeg !== undefined && { pelvisYawDeg: negate(pelvisYawDeg) }),
    ...(trunk && { trunk: mirrorTrunk(trunk) }),
    ...(feet && { feet: swap(feet, mirrorFoot) }),
    ...(arms && { arms: swap(arms, (arm) => arm) }),
    ...(supports && { supports: supports.map(mirrorSupport) }),
  }
}

export const mirrorStance = (stance: StanceBody): StanceBody => ({
  ...stance,
  ...(mirrorChanges(stance as ChangesDocument) as Partial<StanceBody>),
  ...(stance.side && { side: otherSide(stance.side) }),
})

type Sides<T> = { left?: T | undefined; right?: T | undefined }

const swap = <T>({ left, right }: Sides<T>, mirror: (one: T) => T): Sides<T> => ({
  ...(right !== undefined && { left: mirror(right) }),
  ...(left !== undefined && { right: mirror(left) }),
})

const mirrorFoot = <F extends { heel?: readonly number[] | undefined }>(foot: F): F =>
  foot.heel ? { ...foot, heel: [negate(foot.heel[0] as number), foot.heel[1]] } : foot

const mirrorTrunk = <T extends { rollDeg?: number | undefined; yawDeg?: number | undefined }>(trunk: T): T => ({
  ...trunk,
  ...(trunk.rollDeg !== undefined && { rollDeg: negate(trunk.rollDeg) }),
  ...(trunk.yawDeg !== undefined && { yawDeg: negate(trunk.yawDeg) }),
})

type Supports = NonNullable<ChangesDocument['supports']>

const mirrorSupport = (support: Supports[number]): Supports[number] => ({
  ...support,
  hand: otherSide(support.hand),
  at: [negate(support.at[0] as number), support.at[1], support.at[2]] as Supports[number]['at'],
  ...(support.towardDeg !== undefined && { towardDeg: negate(support.towardDeg) }),
})
