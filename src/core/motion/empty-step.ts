import type { Body } from '../body/body'
import { otherSide, SIDES, type Side, type Vec2 } from '../conventions'
import { gap } from '../geometry/vector'
import { bisect } from '../numeric/bisect'
import { USUAL_LIFT } from '../stance/stance'
import {
  changeFoot,
  changeInstant,
  type FootInstant,
  footingInRoom,
  type Held,
  type Instant,
  withFoot,
} from './instant'
import { rememberInstants } from './pose-memory'
import { type Stood, tryPose, tryRead } from './posing'
import { spreadKeptPressures } from './pressure'
import { LANDS_MOST, SINKING, TURN_MOST } from './step-limits'

const TURNS = 3
const PRESSURES = 6
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
  /** The least standing knee with which the wished step lands empty, or one with which it does; null: none. */
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
  const own = ownWay(contact.instant, foot, way)
  // What let the last length land is tried first for the next.
  let first = ways[0]
  const lands = (length: number): boolean => {
    const heel = heelAt(instant, foot, length / wished)
    const at = (way: Instant) => withFoot(way, foot, changeFoot(way.feet[foot], { heel }))
    const asks: Asks = { body, held, level, lowest: level - SINKING }
    if (own && isGood(tryLanding(at(own), asks))) return true
    const turned = first ? [first, ...ways.filter((one) => one !== first)] : ways
    const found = turned.find((pressed) => findPressure(pressed.map(at), standing, asks))
    if (found) first = found
    return found !== undefined
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
    neededKnee:
      lies && !longest
        ? contact.legs[standing].flexion
        : findNeededKnee(
            contact,
            [...(own ? [own] : []), ...ways.flat()],
            standing,
            { body, held, level, lowest: Number.NEGATIVE_INFINITY },
            lies,
          ),
  }
}

/** By its heel going ahead; back and aside by its ball, the heel up as far as it may be. A part of a foot stays so. */
function landing(set: FootInstant, way: 'ahead' | 'back' | 'side'): FootInstant {
  if (set.contact === 'toe-touch' || set.contact === 'air') return set
  if (way === 'ahead') return changeFoot(set, { contact: 'heel', lift: USUAL_LIFT.heel, rolls: 0 })
  return changeFoot(set, { contact: 'ball', lift: LANDS_MOST, rolls: 0 })
}

/** As the foot lands on the path, where a step may land so. */
function ownWay(instant: Instant, foot: Side, way: 'ahead' | 'back' | 'side'): Instant | null {
  const { contact, lift } = instant.feet[foot]
  const onBall = contact === 'ball' && (way === 'ahead' || lift > LANDS_MOST + 1e-9)
  return onBall || contact === 'air' ? null : instant
}

type Asks = { body: Body; held: Held; level: number; lowest: number }

/** How a landing comes out: its hips too low, something that may not be, or neither. */
type Landed = 'low' | 'forbidden' | 'good'
const isGood = (landed: Landed) => landed === 'good'

/** The legs are asked before anything else is. */
function tryLanding(wanted: Instant, { body, held, level, lowest }: Asks): Landed {
  const instant = changeInstant(wanted, { height: level })
  return remember(body, instant, held, lowest, () => land(body, instant, held, lowest))
}
const remember = rememberInstants<Landed>()

function land(body: Body, instant: Instant, held: Held, lowest: number): Landed {
  const posed = tryPose(body, instant, held)
  if (!posed || posed.instant.height < lowest - 1e-9) return 'low'
  const stood = tryRead(posed)
  return stood && isAllowed(stood, body) ? 'good' : 'forbidden'
}

/** Whether a foot lands with the standing foot pressed at one of these places, or between two that fail otherwise. */
function findPressure(pressed: readonly Instant[], standing: Side, asks: Asks): boolean {
  const landed = pressed.map((one) => tryLanding(one, asks))
  if (landed.some(isGood)) return true
  for (let i = 1; i < pressed.length; i++) {
    if (landed[i] === landed[i - 1]) continue
    let [a, b] = [pressed[i - 1] as Instant, pressed[i] as Instant]
    for (let n = 0; n < HALVINGS; n++) {
      const pressureAt = (a.feet[standing].pressureAt + b.feet[standing].pressureAt) / 2
      const middle = withFoot(a, standing, changeFoot(a.feet[standing], { pressureAt }))
      const way = tryLanding(middle, asks)
      if (isGood(way)) return true
      if (way === landed[i - 1]) a = middle
      else b = middle
    }
  }
  return false
}
const HALVINGS = 5

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

/** The least bend of the standing knee with which it lands: no more than it has, where it does. */
function findNeededKnee(
  contact: Stood,
  ways: readonly Instant[],
  standing: Side,
  { body, held, level }: Asks,
  lies: boolean,
): number | null {
  let least: number | null = lies ? contact.legs[standing].flexion : null
  for (const way of ways) {
    const posed = tryPose(body, changeInstant(way, { height: level }), held)
    if (!posed || (least !== null && posed.settled.legs[standing].flexion >= least)) continue
    const stood = tryRead(posed)
    if (stood && isAllowed(stood, body)) least = stood.legs[standing].flexion
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
 * the reserve for one foot, and the pelvis' turn toward that foot. For each turn the pressures from rear to front.
 */
function listWays(body: Body, instant: Instant, foot: Side, held: Held): Instant[][] {
  const standing = otherSide(foot)
  const set = instant.feet[standing]
  const pressed = (pressureAt: number) => withFoot(instant, standing, changeFoot(set, { pressureAt }))
  const pressures = spreadKeptPressures(PRESSURES, (at) => footingInRoom(body, pressed(at), held))
  const toward = set.yaw - instant.pelvis
  const most = Math.sign(toward) * Math.min(Math.abs(toward), TURN_MOST)
  const turns = most === 0 ? [0] : Array.from({ length: TURNS + 1 }, (_, i) => (most * i) / TURNS)
  return turns.map((turn) =>
    pressures.map((pressureAt) => changeInstant(pressed(pressureAt), { pelvis: instant.pelvis + turn })),
  )
}
