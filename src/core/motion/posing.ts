import { type Balance, readBalance } from '../balance/balance'
import { type LegReading, readLegs } from '../balance/legs'
import { listBodyErrors } from '../balance/uncertainty'
import type { Body } from '../body/body'
import { type BySide, SIDES, type Side, type Vec2, type Vec3 } from '../conventions'
import { InputError } from '../errors'
import type { Finding, Verdict } from '../limits/finding'
import { judge } from '../limits/judge'
import { assemble, type Reached, type Settled, settle } from '../pose/pose'
import { checkFooting } from '../stance/check'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { changeInstant, type Held, type Instant, stanceOf, withFoot } from './instant'
import { rememberInstants } from './pose-memory'
import { findLift, roll } from './rolling'

/** A instant with its legs in place under the hips, at the height that it has: nothing is read of it yet. */
export type Posed = { instant: Instant; stance: Stance; settled: Settled }

/**
 * A instant that was stood: the stance that says it, at the height that it has, and what was found. Without edges, feet
 * and limbs: a path holds thousands of instants.
 */
export type Stood = {
  instant: Instant
  stance: Stance
  /** In the stance's own frame, as the pelvis. */
  centre: Vec2
  pelvis: Vec3
  balance: Pick<Balance, 'nearest' | 'assured' | 'reserve'>
  legs: BySide<LegReading>
  findings: Finding[]
  verdict: Verdict
  reached: Reached | null
}

/**
 * Poses a instant: its hips where it wants them, or as much lower as a leg's reach needs, also that of a foot in the
 * air; higher only where a standing ankle cannot follow. A foot
 * that may roll does so first.
 * @throws InputError as a pose does
 */
export function pose(body: Body, wanted: Instant, held: Held, neighbour: Reached | null = null): Posed {
  const side = SIDES.find((one) => wanted.feet[one].rolls !== 0)
  if (!side) return poseAsSet(body, wanted, held, neighbour)
  const foot = wanted.feet[side]
  const rolled = (lift: number) => withFoot(wanted, side, roll(foot, lift))
  const lift = findLift(foot, (up) => {
    const posed = orNull(() => poseAsSet(body, rolled(up), held, neighbour))
    return posed ? calcSpare(body, posed, side, wanted.height) : OUT_OF_REACH
  })
  return poseAsSet(body, rolled(lift), held, neighbour)
}

/** An instant with what of its light foot is down as its leg asks: on that its base hangs, not on how far it is rolled. */
export function rollAsAsked(body: Body, instant: Instant, held: Held): Instant {
  const side = SIDES.find((one) => instant.feet[one].rolls !== 0)
  if (!side) return instant
  const foot = instant.feet[side]
  if (foot.lift !== 0) return withFoot(instant, side, roll(foot, foot.lift))
  const spareAt = (lift: number) => {
    const posed = orNull(() => poseAsSet(body, withFoot(instant, side, roll(foot, lift)), held, null))
    return posed ? calcSpare(body, posed, side, instant.height) : OUT_OF_REACH
  }
  const flat = spareAt(0)
  return flat >= -LEVEL || spareAt(foot.rolls) <= flat ? instant : withFoot(instant, side, roll(foot, foot.rolls))
}

/**
 * By how much a leg reaches further than the hips ask that are wanted, and its ankle less far than it may: metres,
 * whichever is less; negative where it is too short, or where its ankle does not follow as low.
 */
function calcSpare(body: Body, { instant, settled }: Posed, side: Side, wanted: number): number {
  const leg = settled.legs[side]
  const { kneeFlexionMin, dorsiflexionMax } = body.sides[side]
  const reach = leg.calcHipHeight(kneeFlexionMin) - wanted
  const raised = leg.foot.contact === 'whole' ? instant.height - wanted : 0
  const past = Math.max(
    leg.calcPastDorsiflexion(dorsiflexionMax),
    leg.dorsiflexion > dorsiflexionMax - STRAIGHT ? raised : 0,
  )
  return Math.min(reach, -past)
}
const OUT_OF_REACH = -1
const LEVEL = 1e-4
/** A hundredth of a degree. */
const STRAIGHT = 2e-4

function poseAsSet(body: Body, wanted: Instant, held: Held, neighbour: Reached | null): Posed {
  const stance = stanceOf(body, wanted, held)
  const set = setFooting(body, stance)
  checkFooting(set)
  const settled = settle(set, { reached: neighbour }, true)
  const [, , height] = settled.pelvis
  stance.height = { pelvisDrop: body.standingHipHeight - height }
  return { instant: changeInstant(wanted, { height }), stance, settled }
}

/**
 * Reads a instant that is posed.
 * @throws InputError where its base is none
 */
export function read({ instant, stance, settled }: Posed): Stood {
  const seated = stance.seat ? assemble(settled) : null
  const footing = seated ?? settled.footing
  const balance = readBalance(footing, seated && listBodyErrors(seated))
  const { nearest, assured, reserve } = balance
  const legs = readLegs(footing, settled.legs)
  const { findings, verdict } = judge(footing, legs, balance)
  return {
    instant,
    stance,
    centre: footing.centre,
    pelvis: settled.pelvis,
    balance: { nearest, assured, reserve },
    legs,
    findings,
    verdict,
    reached: settled.reached,
  }
}

/** Poses and reads a instant. @throws InputError as an analysis of the stance does */
export const stand = (body: Body, wanted: Instant, held: Held, neighbour: Reached | null = null): Stood =>
  read(pose(body, wanted, held, neighbour))

/** The same, each null where it cannot be. */
export const tryPose = (body: Body, wanted: Instant, held: Held, neighbour: Reached | null = null): Posed | null =>
  orNull(() => pose(body, wanted, held, neighbour))
/** How an instant comes out when it is posed, its hips and what rolls; null where it cannot be. */
export const tryInstant = (body: Body, wanted: Instant, held: Held): Instant | null =>
  rememberInstant(body, wanted, held, 0, () => tryPose(body, wanted, held)?.instant ?? null)
const rememberInstant = rememberInstants<Instant | null>()
export const tryRead = (posed: Posed): Stood | null => orNull(() => read(posed))
export const tryStand = (body: Body, wanted: Instant, held: Held, neighbour: Reached | null = null): Stood | null =>
  orNull(() => stand(body, wanted, held, neighbour))

function orNull<T>(make: () => T): T | null {
  try {
    return make()
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
