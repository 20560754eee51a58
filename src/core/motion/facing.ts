import type { Body } from '../body/body'
import { DEG, SIDES } from '../conventions'
import { mix } from '../geometry/vector'
import { clamp } from '../numeric/clamp'
import { changeInstant, type Held, type Instant, shareOn } from './instant'
import { type Posed, type Stood, tryPose, tryRead } from './posing'
import { PELVIS_MOST, SINKING, TURN_MOST } from './step-limits'

/** Facing lies within this of either foot's direction. */
const FEET_MOST = 100 * DEG
const DRIFT = 0.1 * DEG
const STEP = 4 * DEG
const STEPS = 8
const TURNS = 3

const within = (value: number, low: number, high: number): number =>
  low > high ? (low + high) / 2 : clamp(value, low, high)

/** The heading nearest a wanted one that both feet allow; null where they point too far apart for any. */
export function faceAsFeetAllow({ feet: { left, right } }: Instant, wanted: number): number | null {
  const [low, high] = [Math.max(left.yaw, right.yaw) - FEET_MOST, Math.min(left.yaw, right.yaw) + FEET_MOST]
  return low > high ? null : within(wanted, low, high)
}

/** How far feet may be turned against each other: left less right, as far as both hips' ranges go. */
export function rangeOfFeet({ sides: { left, right } }: Body): { least: number; most: number } {
  return { least: -(left.hipInwardMax + right.hipInwardMax), most: left.hipOutwardMax + right.hipOutwardMax }
}

/**
 * Stands a instant with its pelvis as near to a wanted direction as both hips' ranges allow without a knee drifting;
 * where none does, with the least drift. Null where it cannot be stood.
 */
export function standFacing(body: Body, instant: Instant, held: Held, wanted: number): Stood | null {
  const { left, right } = body.sides
  const { feet, heading } = instant
  const low = Math.max(feet.left.yaw - left.hipOutwardMax, feet.right.yaw - right.hipInwardMax, heading - PELVIS_MOST)
  const high = Math.min(feet.left.yaw + left.hipInwardMax, feet.right.yaw + right.hipOutwardMax, heading + PELVIS_MOST)
  const middle = (low + high) / 2
  const begin = within(wanted, Math.min(low, middle), Math.max(high, middle))
  let best: Posed | null = null
  let least = Number.POSITIVE_INFINITY
  const look = (pelvis: number) => {
    const posed = tryPose(body, changeInstant(instant, { pelvis }), held, best?.settled.reached)
    if (!posed) return
    const { left, right } = posed.settled.legs
    const drift = Math.max(Math.abs(left.drift), Math.abs(right.drift))
    if (drift >= least - 1e-9) return
    best = posed
    least = drift
  }
  for (let by = 0; least > DRIFT && by <= STEPS * STEP; by += STEP) {
    look(begin + Math.sign(middle - begin) * Math.min(by, Math.abs(middle - begin)))
    if (by >= Math.abs(middle - begin)) break
  }
  // Where it cannot be stood so, a leg may reach with the pelvis turned anywhere that both hips allow; of what drifts
  // alike, whatever is nearer: from which side it is looked at must not matter.
  if (best === null) {
    const places = Array.from({ length: 9 }, (_, i) => mix(low, high, i / 8))
    for (const pelvis of places.sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))) look(pelvis)
  }
  const posed = best && turnForReach(body, best, instant.height, held)
  return posed && tryRead(posed)
}

/**
 * Where a foot without weight is reached only by sinking further than a step may, the pelvis turns toward the foot that
 * stands: as little as does, or as much as it may.
 */
function turnForReach(body: Body, posed: Posed, height: number, held: Held): Posed {
  const { instant } = posed
  const standing = SIDES.find((side) => shareOn(instant, side) >= 1)
  const wanted = height - SINKING
  if (!standing || instant.height >= wanted) return posed
  const toward = instant.feet[standing].yaw - instant.pelvis
  const most = Math.sign(toward) * Math.min(Math.abs(toward), TURN_MOST)
  let best = posed
  for (let i = 1; i <= TURNS && best.instant.height < wanted; i++) {
    const pelvis = clamp(
      instant.pelvis + (most * i) / TURNS,
      instant.heading - PELVIS_MOST,
      instant.heading + PELVIS_MOST,
    )
    const turned = changeInstant(instant, { height, pelvis })
    const tried = tryPose(body, turned, held, posed.settled.reached)
    if (tried && tried.instant.height > best.instant.height + 1e-4) best = tried
  }
  return best
}
