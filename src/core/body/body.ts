import { type BySide, bySide, type Side } from '../conventions'
import { clamp } from '../numeric/clamp'
import { type House, resolveHouse } from './house'
import { type HipOrder, type LimitKey, limitOf, SIDE_LIMIT_KEYS, type SideLimitKey } from './limits'
import type { Lengths, Limits, Person } from './person'
import { calcSegmentTable, type SegmentTable } from './segments'

/**
 * Lengths as fractions of stature: Drillis & Contini 1966, in Winter, Biomechanics and Motor Control of Human
 * Movement, 4th ed., fig. 4.1. Hip separation: 72 % of the inter-ASIS breadth (Bell et al. 1990). Shoulder width:
 * biacromial breadth, ANSUR 1988 means. Arm lengths: de Leva 1996.
 */
export const PROPORTIONS = {
  footLength: 0.152,
  footBreadth: 0.055,
  ankleHeight: 0.039,
  shank: 0.246,
  thigh: 0.245,
  hipSeparation: 0.1,
  hipHeight: 0.53,
  suprasternalHeight: 0.815,
  c7Height: 0.864,
  shoulderHeight: 0.818,
  shoulderSeparation: 0.2,
  shoulderWidth: 0.225,
  upperArm: 0.162,
  forearm: 0.154,
  hand: 0.05,
  fist: 0.05,
} as const

/** How far the hips of somebody seated are above the seat, as a fraction of stature. */
export const HIP_ABOVE_SEAT = 0.05

const SHOULDER_CENTRES_OF_BIACROMIAL = 0.889

const NONE = Number.POSITIVE_INFINITY

/** Everything the model needs of a body, resolved once for a person: metres, radians, fractions. */
export type Body = Lengths & {
  person: Person
  stature: number
  mass: number
  segments: SegmentTable
  footLength: number
  footBreadth: number
  shoulderWidth: number
  shoulderSeparation: number
  /** Above the hip axis, along the trunk. */
  suprasternalAbove: number
  c7Above: number
  shoulderAbove: number
  vertexAbove: number
  trunkShift: number
  /** Hip height standing straight; the mean where the legs differ. */
  standingHipHeight: number
  usableAlong: number
  usableAcross: number
  usableAlongSd: number
  usableAcrossSd: number
  /** How many times less sure than others they are of where a foot stands and is pressed. */
  feltSd: number
  sides: BySide<Ranges>
  trunkForwardMax: number
  trunkBackMax: number
  trunkOrdered: boolean
  loadMax: BySide<number>
  swayReserve: number
  swayReserveOneFoot: number
  house: House
}

/** What one side may do, a figure for everything: infinity where nothing limits it. */
export type Ranges = Record<SideLimitKey, number> & Record<HipOrder, boolean>

/** Whether a rotation of the hip, outward positive, is past a limit that is an order. Radians. */
export const isPastOrder = (ranges: Ranges, rotation: number): boolean =>
  (ranges.hipOutwardOrdered && rotation > ranges.hipOutwardMax) ||
  (ranges.hipInwardOrdered && rotation < -ranges.hipInwardMax)

const USABLE_SD_ESTIMATED = 0.08
const USABLE_SD_GIVEN = 0.03
/** House default: without feeling in the soles the placing of a foot is half as sure again. */
const NUMB_SD = 1.5
const AGE_UNKNOWN = 80
/** From here on people stand less surely, and are timed before they stand on one leg. Years. */
export const OLDER_FROM_AGE = 60

/**
 * Fraction of the foot's length along which a person can carry their weight: about 0.60 under 60 years, falling
 * after, here by 0.01 a year and kept within 0.30 to 0.60. An age that is not known is reckoned as 80: nobody looks
 * steadier for want of an answer.
 * @source King, Judge & Wolfson, J Gerontol 49 (1994) M258; the slope is a house default
 */
export function estimateUsableAlong(age: number | undefined): number {
  return clamp(0.6 - 0.01 * ((age ?? AGE_UNKNOWN) - OLDER_FROM_AGE), 0.3, 0.6)
}

/**
 * The body of a person: measured where measured, else in proportion to stature.
 * @param person metres, kilograms, years, radians, fractions; what is not given is estimated and said to be
 * @source proportions of stature: Winter 2009; segment masses and centres: de Leva, J Biomech 29 (1996)
 * @source proportions of stature: Winter 2009; segment masses and centres: de Leva, J Biomech 29 (1996)
 * @example resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 80 }).usableAlong // => 0.4
 */
export function resolveBody(person: Person): Body {
  const H = person.stature
  const pair = (fraction: number) => bySide(() => fraction * H)
  const given = person.lengths ?? {}
  const lengths: Lengths = {
    thigh: given.thigh ?? pair(PROPORTIONS.thigh),
    shank: given.shank ?? pair(PROPORTIONS.shank),
    ankleHeight: given.ankleHeight ?? pair(PROPORTIONS.ankleHeight),
    upperArm: given.upperArm ?? pair(PROPORTIONS.upperArm),
    forearm: given.forearm ?? pair(PROPORTIONS.forearm),
    hand: given.hand ?? pair(PROPORTIONS.hand),
    hipSeparation: given.hipSeparation ?? PROPORTIONS.hipSeparation * H,
  }
  const legLength = bySide((s) => lengths.ankleHeight[s] + lengths.shank[s] + lengths.thigh[s])
  const above = (height: number) => (height - PROPORTIONS.hipHeight) * H
  const house = resolveHouse(person.house)
  const limits = person.limits ?? {}
  const swayReserve = person.swayReserve ?? house.swayReserve
  // Written out: each body that is spread from another object is of a shape of its own, for which the engine would
  // compile everything anew.
  return {
    thigh: lengths.thigh,
    shank: lengths.shank,
    ankleHeight: lengths.ankleHeight,
    upperArm: lengths.upperArm,
    forearm: lengths.forearm,
    hand: lengths.hand,
    hipSeparation: lengths.hipSeparation,
    person,
    stature: H,
    mass: person.mass,
    segments: calcSegmentTable(person.sex),
    footLength: person.footLength ?? PROPORTIONS.footLength * H,
    footBreadth: person.footBreadth ?? PROPORTIONS.footBreadth * H,
    shoulderWidth: person.shoulderWidth ?? PROPORTIONS.shoulderWidth * H,
    shoulderSeparation:
      person.shoulderWidth === undefined
        ? PROPORTIONS.shoulderSeparation * H
        : SHOULDER_CENTRES_OF_BIACROMIAL * person.shoulderWidth,
    suprasternalAbove: above(PROPORTIONS.suprasternalHeight),
    c7Above: above(PROPORTIONS.c7Height),
    shoulderAbove: above(PROPORTIONS.shoulderHeight),
    vertexAbove: above(1),
    trunkShift: person.trunkShift ?? 0,
    standingHipHeight: (legLength.left + legLength.right) / 2,
    usableAlong: person.usableAlong ?? estimateUsableAlong(person.age),
    usableAcross: person.usableAcross ?? 0.6,
    usableAlongSd: person.usableAlong === undefined ? USABLE_SD_ESTIMATED : USABLE_SD_GIVEN,
    usableAcrossSd: person.usableAcross === undefined ? USABLE_SD_ESTIMATED : USABLE_SD_GIVEN,
    feltSd: person.numbFeet ? NUMB_SD : 1,
    sides: bySide((side) => resolveRanges(limits, house, side)),
    trunkForwardMax: resolveFigure('trunkForwardMax', limits.trunkForwardMax, house),
    trunkBackMax: resolveFigure('trunkBackMax', limits.trunkBackMax, house),
    trunkOrdered: limits.trunkOrdered ?? false,
    loadMax: limits.loadMax ?? { left: 1, right: 1 },
    swayReserve,
    swayReserveOneFoot: person.swayReserveOneFoot ?? swayReserve * house.oneFootReserveFactor,
    house,
  }
}

/** A figure of a person's own, else the house's, else none. */
function resolveFigure(key: LimitKey, own: number | undefined, house: House): number {
  const { house: usual } = limitOf(key)
  return own ?? (usual ? house[usual] : NONE)
}

function resolveRanges(limits: Limits, house: House, side: Side): Ranges {
  const own = { ...limits, ...limits[side] }
  const ranges: Partial<Ranges> = {
    hipInwardOrdered: own.hipInwardOrdered ?? false,
    hipOutwardOrdered: own.hipOutwardOrdered ?? false,
  }
  for (const key of SIDE_LIMIT_KEYS) ranges[key] = resolveFigure(key, own[key], house)
  return ranges as Ranges
}

// The first body of all: where every figure is a broken number, the engine expects them so, and needs to compile nothing
// anew for the first person who has one that others lack.
resolveBody({
  stature: 1.65,
  mass: 68.5,
  sex: 'unspecified',
  trunkShift: 0.005,
  usableAlong: 0.45,
  usableAcross: 0.55,
  swayReserve: 0.015,
  swayReserveOneFoot: 0.009,
  limits: { trunkTwistMax: 0.5, trunkForwardMax: 0.5, trunkBackMax: 0.5, loadMax: { left: 0.5, right: 0.5 } },
})
