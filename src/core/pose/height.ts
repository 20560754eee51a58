import type { Body } from '../body/body'
import { type BySide, SIDES, type Side } from '../conventions'
import { findRoot } from '../numeric/root'
import { findFullerSide } from '../stance/footing'
import type { Stance } from '../stance/stance'
import type { Leg } from './leg'

const TOLERANCE = 1e-10

/**
 * The pelvis height for hips already set: the target, raised until the flat feet's ankles are within their limit,
 * then lowered until every leg on the floor keeps its straightest flexion (on the way of a step also the one in the
 * air: it has to get where it is). Leaves both legs placed.
 */
export function findPelvisHeight(body: Body, stance: Stance, legs: BySide<Leg>, heldReaches = false): number {
  const { height } = stance
  const named = findNamedLeg(stance)
  const target =
    'kneeFlexion' in height && named
      ? legs[named].calcHipHeight(height.kneeFlexion)
      : body.standingHipHeight - (height as { pelvisDrop: number }).pelvisDrop
  let highest = Number.POSITIVE_INFINITY
  let start = target
  for (const side of SIDES) {
    const inAir = legs[side].foot.contact === 'air'
    if (inAir && !heldReaches) continue
    const straightest = legs[side].calcHipHeight(body.sides[side].kneeFlexionMin)
    // The named leg follows its target even when that is straighter than its straightest allowed flexion.
    const most = side === named ? Math.max(target, straightest) : straightest
    start = Math.min(start, most)
    // What stands goes before what hangs: an ankle may raise the hips from what the foot in the air would need.
    if (!inAir) highest = Math.min(highest, most)
  }
  let z = start
  for (const side of SIDES) {
    legs[side].place(z)
    if (legs[side].foot.contact === 'whole') z = raiseForAnkle(legs[side], body.sides[side].dorsiflexionMax, z, highest)
  }
  // The left leg was placed first: the right ankle may have raised the hips since.
  if (z !== start) legs.left.place(z)
  return z
}

/** The leg whose knee sets the height: the named one, else the fuller; null where a pelvis drop sets it. */
export const findNamedLeg = (stance: Stance): Side | null =>
  'kneeFlexion' in stance.height ? (stance.height.leg ?? findFullerSide(stance)) : null

/** The lowest height from z up at which the shank's tilt keeps the limit; `highest` where none does. */
function raiseForAnkle(leg: Leg, limit: number, z: number, highest: number): number {
  const past = leg.calcPastDorsiflexion(limit)
  if (past <= TOLERANCE) return z
  const inPlane = leg.calcHipHeightAtTilt(limit)
  if (inPlane > z && inPlane < highest && Math.abs(pastAt(leg, inPlane, limit)) < TOLERANCE) return inPlane
  const pastAtHighest = pastAt(leg, highest, limit)
  if (pastAtHighest > 0) return highest
  // The tilt falls as the hip rises.
  const lowest = findRoot(z, past, highest, pastAtHighest, (height) => pastAt(leg, height, limit))
  leg.place(lowest)
  return lowest
}

function pastAt(leg: Leg, height: number, limit: number): number {
  leg.place(height)
  return leg.calcPastDorsiflexion(limit)
}
