import { type Analysis, tryAnalyse } from '../analysis'
import { carries, type LegReading } from '../balance/legs'
import type { Body } from '../body/body'
import { type BySide, bySide, DEG, SIDES } from '../conventions'
import { calcPelvisToFrontFoot } from '../stance/footing'
import { calcLead, calcTrack } from '../stance/layout'
import type { Stance } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import { isStep } from './meaning'

/** A knee that carries is not brought straighter than this: a teacher says "soft". */
const SOFT_KNEE = 10 * DEG
const TURN_MORE = 10 * DEG
const SIDEWAYS_LESS = 0.002
/** Postures are laid out in whole millimetres. */
const MILLIMETRE = 1e-3
const DUST = 1e-9
/** With heels this level no foot is in front. */
const LEVEL = 0.02

/** How sure somebody stands parallel, metres: the assured margin, and to the nearer side. */
export type OwnStanding = { assured: number; sideways: number }

/** What no variant of a stance may go under or over, whatever else it buys. */
export type Teachable = {
  /** Least distance across between the heels, and to either side, metres. */
  track: number
  sideways: number
  /** Least bend of a knee that carries, radians. */
  flexion: BySide<number>
  /** The foot that stays in front: 1 the left, -1 the right; null where neither is. */
  front: 1 | -1 | null
  /** Furthest that the pelvis may face from the front foot's direction, radians; null where no foot is in front. */
  turn: number | null
}

/** How steady somebody stands parallel; null where nothing of that is sure. */
export function readOwnStanding(body: Body): OwnStanding | null {
  const own = tryAnalyse(body, makeStandingStance(body))
  if (!own || !(own.assured.margin > 0)) return null
  return { assured: own.assured.margin, sideways: own.sideways }
}

/**
 * The bounds of what a stance may become. `narrower`: the feet may come nearer each other all the same.
 * @param original the stance as it was analysed, null where it cannot be stood
 */
export function boundTeachable(
  body: Body,
  stance: Stance,
  original: Analysis | null,
  standing: OwnStanding | null,
  narrower = false,
): Teachable {
  const track = calcTrack(stance)
  const sideways = original?.sideways ?? 0
  return {
    track: narrower ? Number.NEGATIVE_INFINITY : leastTrack(body, track),
    sideways: narrower ? 0 : Math.min(sideways, standing?.sideways ?? sideways) - SIDEWAYS_LESS,
    flexion: bySide((side) =>
      Math.min(SOFT_KNEE, original?.legs[side].flexion ?? SOFT_KNEE, body.sides[side].kneeFlexionMax),
    ),
    front: isStep(calcLead(stance), body) ? (calcLead(stance) > 0 ? 1 : -1) : null,
    turn: isStep(calcLead(stance), body) ? Math.abs(calcPelvisToFrontFoot(stance)) + TURN_MORE : null,
  }
}

/** Feet a shoulder width apart or less come no nearer; wider ones no nearer than that. */
export const leastTrack = (body: Body, track: number): number => Math.min(track, body.shoulderWidth) - MILLIMETRE

/** Metres and radians by which a bound that is passed counts 1. */
const UNIT = { m: 0.01, rad: 0.15 }

/** How far a stance is past its bounds: 0 where it keeps them all. */
export function sumUnteachable(bounds: Teachable, stance: Stance, sideways: number, legs: BySide<LegReading>): number {
  if (stance.seat) return 0
  let past = Math.max(0, bounds.track - calcTrack(stance)) / UNIT.m
  past += Math.max(0, bounds.sideways - sideways) / UNIT.m
  for (const side of SIDES) {
    if (carries(legs[side])) past += Math.max(0, bounds.flexion[side] - legs[side].flexion - DUST) / UNIT.rad
  }
  // With the other foot in front it is another posture.
  if (bounds.front !== null) past += Math.max(0, -bounds.front * calcLead(stance) - LEVEL) / UNIT.m
  if (bounds.turn !== null && Math.abs(calcLead(stance)) > LEVEL)
    past += Math.max(0, Math.abs(calcPelvisToFrontFoot(stance)) - bounds.turn - DUST) / UNIT.rad
  return past
}
