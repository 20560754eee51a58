import { calcSupportingBase } from '../balance/base'
import type { Body } from '../body/body'
import { DEG, otherSide, type Side, type Vec2 } from '../conventions'
import { footingInRoom, gap, type Held, type Moment } from './moment'
import { withFoot } from './phase'
import { type Stood, tryStand } from './posing'
import { calcInside } from './timing'

/** House defaults: how far one may sink for a step, and how far the pelvis may turn for it. */
export const SINKING = 0.02
const TURN_MOST = 30 * DEG
const TURNS = 3
const PRESSURES = 20
const LONGEST = 1.5
const MILLIMETRE = 1e-3

/**
 * Whether a foot reaches its place with nothing on it, the hips no lower than they go by time less what sinking is
 * allowed; else the step is a fall that the foot catches. Metres, radians; lengths from heel to heel.
 */
export type EmptyStep = {
  foot: Side
  passes: boolean
  wished: number
  longest: number
  /** The standing knee at first contact of the path. */
  standingKnee: number
  /** The least standing knee with which the wished step lands empty; null: none. */
  neededKnee: number | null
}

/** @param contact the moment of first contact; @param level the height that goes by time there */
export function testEmptyStep(body: Body, contact: Stood, foot: Side, held: Held, level: number): EmptyStep {
  const { moment } = contact
  const standing = otherSide(foot)
  const wished = gap(moment.feet[standing].heel, moment.feet[foot].heel)
  const lands = (length: number) =>
    findLanding(body, atLength(moment, foot, length / wished), foot, held, level, SINKING) !== null
  const passes = lands(wished)
  const most = findLeastKnee(body, moment, foot, held, level)
  return {
    foot,
    passes,
    wished,
    longest: passes ? bisect(lands, wished, LONGEST) : findShorter(lands, wished),
    standingKnee: contact.legs[standing].flexion,
    neededKnee: most,
  }
}

/** The longest that lands of those that are shorter: nearer and nearer, until the feet would meet; 0 where none does. */
function findShorter(lands: (length: number) => boolean, wished: number): number {
  for (let length = wished - COARSE; length > 0; length -= COARSE) {
    if (lands(length)) return bisect(lands, length, length + COARSE)
  }
  return 0
}
const COARSE = 0.03

/** The longest length that still lands, given that the first does; to a millimetre. */
function bisect(lands: (length: number) => boolean, from: number, to: number): number {
  if (lands(to)) return to
  let [low, high] = [from, to]
  while (high - low > MILLIMETRE) {
    const middle = (low + high) / 2
    if (lands(middle)) low = middle
    else high = middle
  }
  return low
}

/** The same first contact with the foot nearer to or further from the standing heel, along the same line. */
function atLength(moment: Moment, foot: Side, part: number): Moment {
  const [x, y] = moment.feet[otherSide(foot)].heel
  const set = moment.feet[foot]
  const heel: Vec2 = [x + (set.heel[0] - x) * part, y + (set.heel[1] - y) * part]
  return withFoot(moment, foot, { ...set, heel })
}

/** A way to stand with the foot there and nothing on it: free are the standing foot's pressure and the pelvis' turn. */
function findLanding(body: Body, moment: Moment, foot: Side, held: Held, level: number, sinking: number): Stood | null {
  for (const tried of listWays(body, moment, foot, held)) {
    const stood = tryStand(body, { ...tried, height: level }, held)
    if (stood && stood.moment.height >= level - sinking - 1e-9 && isAllowed(stood, body)) return stood
  }
  return null
}

function findLeastKnee(body: Body, moment: Moment, foot: Side, held: Held, level: number): number | null {
  const standing = otherSide(foot)
  let least: number | null = null
  for (const tried of listWays(body, moment, foot, held)) {
    const stood = tryStand(body, { ...tried, height: level }, held)
    if (!stood || !isAllowed(stood, body)) continue
    const { flexion } = stood.legs[standing]
    if (least === null || flexion < least) least = flexion
  }
  return least
}

const isAllowed = ({ findings, settled: { legs } }: Stood, body: Body): boolean =>
  !findings.some(({ severity, code }) => severity === 'hard' || code === 'ankle.limit') &&
  (['left', 'right'] as const).every(
    (side) => legs[side].foot.contact !== 'whole' || legs[side].dorsiflexion <= body.sides[side].dorsiflexionMax + 1e-6,
  )

/** Pressures along the standing foot that keep the reserve for one foot, the ends first, and turns toward that foot. */
function listWays(body: Body, moment: Moment, foot: Side, held: Held): Moment[] {
  const standing = otherSide(foot)
  const set = moment.feet[standing]
  const kept: number[] = []
  for (let i = 0; i <= PRESSURES; i++) {
    const pressureAt = i / PRESSURES
    const footing = footingInRoom(body, withFoot(moment, standing, { ...set, pressureAt }), held)
    const part = calcSupportingBase(footing)?.map(([x, y]) => ({ x, y })) ?? []
    const [x, y] = footing.centre
    const inside = part.length > 0 ? calcInside(part, x, y) : -1
    if (inside >= body.swayReserveOneFoot) kept.push(pressureAt)
  }
  if (kept.length === 0) return []
  const ends = [...new Set([kept.at(-1), kept[0], kept[kept.length >> 1]])] as number[]
  const toward = set.yaw - moment.pelvis
  const most = Math.sign(toward) * Math.min(Math.abs(toward), TURN_MOST)
  const turns = most === 0 ? [0] : Array.from({ length: TURNS + 1 }, (_, i) => (most * i) / TURNS)
  return ends.flatMap((pressureAt) =>
    turns.map((turn) => ({ ...withFoot(moment, standing, { ...set, pressureAt }), pelvis: moment.pelvis + turn })),
  )
}
