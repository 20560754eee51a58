import type { Body } from '../body/body'
import { DEG, otherSide, SIDES, type Side, type Vec2 } from '../conventions'
import { gap } from '../geometry/vector'
import { bisect } from '../numeric/bisect'
import { USUAL_LIFT } from '../stance/stance'
import { changeFoot, type FootInstant, footingInRoom, type Held, type Instant, withFoot } from './instant'
import { type Stood, tryPose, tryRead, tryStand } from './posing'
import { listKeptPressures } from './pressure'

/** House defaults: how far one may sink for a step, and how far the pelvis may turn for it. */
export const SINKING = 0.02
const TURN_MOST = 30 * DEG
const TURNS = 3
const PRESSURES = 20
const LONGEST = 1.5
const MILLIMETRE = 1e-3
/** Nobody sets a foot finer than this. */
const UNSEEN = 0.005

/**
 * Whether a foot reaches its place with nothing on it, the hips no lower than they go by time less what sinking is
 * allowed; else the step is a fall that the foot catches. Metres, radians; lengths from heel to heel.
 */
export type EmptyStep = {
  foot: Side
  passes: boolean
  /** It misses by less than anybody sees: it passes, and this says so. */
  tight: boolean
  wished: number
  longest: number
  /** The standing knee at first contact of the path. */
  standingKnee: number
  /** The least standing knee with which the wished step lands empty; null: none. */
  neededKnee: number | null
}

/**
 * @param contact the instant of first contact; @param level the height that goes by time there
 * @param longest also how long a step could be; else only whether this one passes, and what it needs where not
 */
export function testEmptyStep(
  body: Body,
  contact: Stood,
  { foot, way }: { foot: Side; way: 'ahead' | 'back' | 'side' },
  held: Held,
  level: number,
  longest = true,
): EmptyStep {
  const instant = withFoot(contact.instant, foot, landing(contact.instant.feet[foot], way))
  const standing = otherSide(foot)
  const wished = gap(instant.feet[standing].heel, instant.feet[foot].heel)
  const ways = listWays(body, instant, foot, held)
  // What let the last length land is tried first for the next.
  let first = 0
  const lands = (length: number): boolean => {
    const heel = heelAt(instant, foot, length / wished)
    for (let i = 0; i < ways.length; i++) {
      const at = (first + i) % ways.length
      const way = ways[at] as Instant
      const tried = withFoot(way, foot, { ...way.feet[foot], heel })
      const stood = standFrom(body, { ...tried, height: level }, held, level - SINKING)
      if (!stood || !isAllowed(stood, body)) continue
      first = at
      return true
    }
    return false
  }
  const lies = lands(wished)
  const tight = !lies && lands(wished - UNSEEN)
  const passes = lies || tight
  return {
    foot,
    passes,
    tight,
    wished,
    longest: !longest ? (passes ? wished : 0) : lies ? findLonger(lands, wished) : findShorter(lands, wished),
    standingKnee: contact.legs[standing].flexion,
    neededKnee: !longest && passes ? contact.legs[standing].flexion : findLeastKnee(body, ways, standing, held, level),
  }
}

/** By its heel going ahead; back and aside by its ball, the heel up as far as it may be. A part of a foot stays so. */
function landing(set: FootInstant, way: 'ahead' | 'back' | 'side'): FootInstant {
  if (set.contact === 'toe-touch' || set.contact === 'air') return set
  if (way === 'ahead') return changeFoot(set, { contact: 'heel', lift: USUAL_LIFT.heel, rolls: 0 })
  return changeFoot(set, { contact: 'ball', lift: LANDS_MOST, rolls: 0 })
}
/** How far a heel may be up for a foot to land: what does not reach so, does not with less. */
const LANDS_MOST = 35 * DEG

/** A instant stood, if its hips need not be lower than this: the legs are asked before anything else is. */
function standFrom(body: Body, wanted: Instant, held: Held, lowest: number): Stood | null {
  const posed = tryPose(body, wanted, held)
  return posed && posed.instant.height >= lowest - 1e-9 ? tryRead(posed) : null
}

/** Longer and longer until it does not land any more. */
function findLonger(lands: (length: number) => boolean, wished: number): number {
  let length = wished
  while (length + COARSE < LONGEST && lands(length + COARSE)) length += COARSE
  return bisect(lands, length, length + COARSE, MILLIMETRE)
}

/** The longest that lands of those that are shorter: nearer and nearer, until the feet would meet; 0 where none does. */
function findShorter(lands: (length: number) => boolean, wished: number): number {
  for (let length = wished - COARSE; length > 0; length -= COARSE) {
    if (lands(length)) return bisect(lands, length, length + COARSE, MILLIMETRE)
  }
  return 0
}
const COARSE = 0.03

/** A heel nearer to or further from the standing one, along the same line. */
function heelAt(instant: Instant, foot: Side, part: number): Vec2 {
  const [x, y] = instant.feet[otherSide(foot)].heel
  const { heel } = instant.feet[foot]
  return [x + (heel[0] - x) * part, y + (heel[1] - y) * part]
}

function findLeastKnee(body: Body, ways: readonly Instant[], standing: Side, held: Held, level: number): number | null {
  let least: number | null = null
  for (const way of ways) {
    const stood = tryStand(body, { ...way, height: level }, held)
    if (!stood || !isAllowed(stood, body)) continue
    const { flexion } = stood.legs[standing]
    if (least === null || flexion < least) least = flexion
  }
  return least
}

const isAllowed = ({ findings, legs, stance: { feet } }: Stood, body: Body): boolean =>
  !findings.some(({ severity, code }) => severity === 'hard' || code === 'ankle.limit') &&
  SIDES.every(
    (side) => feet[side].contact !== 'whole' || legs[side].dorsiflexion <= body.sides[side].dorsiflexionMax + 1e-6,
  )

/**
 * Ways to stand with the foot there and nothing on it: free are the pressure along the standing foot, where it keeps
 * the reserve for one foot (the ends first), and the pelvis' turn toward that foot.
 */
function listWays(body: Body, instant: Instant, foot: Side, held: Held): Instant[] {
  const standing = otherSide(foot)
  const set = instant.feet[standing]
  const ends = listKeptPressures(PRESSURES, (pressureAt) =>
    footingInRoom(body, withFoot(instant, standing, { ...set, pressureAt }), held),
  )
  const toward = set.yaw - instant.pelvis
  const most = Math.sign(toward) * Math.min(Math.abs(toward), TURN_MOST)
  const turns = most === 0 ? [0] : Array.from({ length: TURNS + 1 }, (_, i) => (most * i) / TURNS)
  return ends.flatMap((pressureAt) =>
    turns.map((turn) => ({ ...withFoot(instant, standing, { ...set, pressureAt }), pelvis: instant.pelvis + turn })),
  )
}
