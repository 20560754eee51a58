import type { Body } from '../body/body'
import { DEG, otherSide, type Side, sideSign, type Vec2 } from '../conventions'
import { InputError } from '../errors'
import { bisect } from '../numeric/bisect'
import { settle } from '../pose/pose'
import { setFooting } from '../stance/footing'
import { type Contact, type Stance, USUAL_LIFT } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import { spreadKeptPressures } from './pressure'

/** Ways to step, and what meets the floor first in each. */
export const STEP_WAYS = ['ahead', 'back', 'side'] as const
export type StepWay = (typeof STEP_WAYS)[number]
const LANDS: Record<StepWay, Contact> = { ahead: 'heel', back: 'ball', side: 'whole' }

const LONGEST = 1.2
const MILLIMETRE = 1e-3
const PRESSURES = 8
/** Where the other foot is does not matter to how this one can be pressed. */
const NEAR = 0.2
const TURNS = [0, 10 * DEG, 20 * DEG, 30 * DEG]
const SHALLOWEST = 5
const DEEPEST = 90
const COARSE = 5

/** From which leg, how deep it stands, how its foot points, and how far aside the other heel is. Metres, radians. */
export type StandingLeg = { standing: Side; kneeFlexion: number; toeOut: number; track: number }

/**
 * The longest step that can be taken back: the other foot down with nothing on it, its leg at its straightest, the
 * standing knee as it is bent. Ahead and back along the heading with the track, aside between the heels; 0 where none.
 * @returns metres, to a millimetre
 * @param from the standing leg: radians, metres
 * @param way ahead, back or aside
 * @example calcLongestStep(ana, { standing: 'left', kneeFlexion: 30 * DEG, toeOut: 0, track: 0.2 }, 'ahead') // => 0.3733
 */
export function calcLongestStep(body: Body, from: StandingLeg, way: StepWay): number {
  const lands = landsFrom(body, from, way)
  const least = way === 'side' ? body.footBreadth * 1.5 : MILLIMETRE
  return lands(least) ? bisect(lands, least, LONGEST, MILLIMETRE) : 0
}

/**
 * The least whole degree of knee bend with which a step of this length can be taken back; null: none to 90°.
 * @param length metres from heel to heel
 * @returns radians
 * @example (calcNeededBend(ana, { standing: 'left', kneeFlexion: 30 * DEG, toeOut: 0, track: 0.2 }, 'ahead', 0.4) ?? 0) / DEG // => 36
 */
export function calcNeededBend(body: Body, from: StandingLeg, way: StepWay, length: number): number | null {
  const bends = (degrees: number) => landsFrom(body, { ...from, kneeFlexion: degrees * DEG }, way)(length)
  for (let coarse = SHALLOWEST; coarse <= DEEPEST; coarse += COARSE) {
    if (!bends(coarse)) continue
    let degrees = coarse
    while (degrees > SHALLOWEST && degrees > coarse - COARSE + 1 && bends(degrees - 1)) degrees--
    return degrees * DEG
  }
  return null
}

/** Asks whether a step of a length lands, from where this leg can be pressed. */
function landsFrom(body: Body, from: StandingLeg, way: StepWay): (length: number) => boolean {
  const stance = makeStep(body, from, way, NEAR)
  const pressures = spreadKeptPressures(PRESSURES, (at) => setFooting(body, withPressure(stance, from.standing, at)))
  return (length) => pressures.some((at) => TURNS.some((turn) => reaches(body, from, way, length, at, turn)))
}

function makeStep(
  body: Body,
  { standing, kneeFlexion, toeOut, track }: StandingLeg,
  way: StepWay,
  length: number,
): Stance {
  const stance = makeStandingStance(body)
  const foot = otherSide(standing)
  const aside = sideSign(foot) * (way === 'side' ? length : track)
  const heel: Vec2 = [aside, way === 'side' ? 0 : way === 'ahead' ? length : -length]
  const contact = LANDS[way]
  const { feet } = stance
  return {
    ...stance,
    feet: {
      ...feet,
      [standing]: { ...feet[standing], heel: [0, 0], toeOut },
      [foot]: { ...feet[foot], heel, contact, lift: USUAL_LIFT[contact] },
    },
    loadLeft: standing === 'left' ? 1 : 0,
    height: { kneeFlexion, leg: standing },
  }
}

const withPressure = (stance: Stance, side: Side, pressureAt: number): Stance => ({
  ...stance,
  feet: { ...stance.feet, [side]: { ...stance.feet[side], pressureAt } },
})

/** Whether the leg is long enough, the standing knee as it is bent, the ankles within their limits. */
function reaches(
  body: Body,
  from: StandingLeg,
  way: StepWay,
  length: number,
  pressureAt: number,
  turn: number,
): boolean {
  const { standing, kneeFlexion, toeOut } = from
  const toward = (standing === 'left' ? 1 : -1) * Math.sign(toeOut) * Math.min(turn, Math.abs(toeOut))
  const stance = { ...withPressure(makeStep(body, from, way, length), standing, pressureAt), pelvisYaw: toward }
  try {
    // An ankle at its limit raises the hips, and the knee is not bent as it was asked to be.
    const { legs } = settle(setFooting(body, stance))
    return Math.abs(legs[standing].flexion - kneeFlexion) < 1e-4 && !legs[standing].rangeExceeded
  } catch (error) {
    if (error instanceof InputError) return false
    throw error
  }
}
