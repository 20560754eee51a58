import { type BySide, bySide, GRAVITY, type Side } from '../conventions'
import { lengthOf } from '../geometry/vector'
import type { Leg } from '../pose/leg'
import { type Footing, shareOf } from '../stance/footing'

/** One leg as it stands: radians, metres, newton metres. */
export type LegReading = {
  flexion: number
  /** Knee centre ahead of the footprint's toe tip along the foot. */
  pastToes: number
  drift: number
  /** Inward of the foot's midline. */
  offLine: number
  sideTilt: number
  /** External moments of a vertical ground force through the pressure point; null where the share is not known. */
  moment: number | null
  momentFrontal: number | null
  locked: boolean
  hip: { flexion: number; abduction: number; rotation: number }
  dorsiflexion: number
  rangeUsed: boolean
  rangeExceeded: boolean
  /** Height of the hip centre above the floor, and above its knee's. */
  hipHeight: number
  hipOverKnee: number
  /** Share of body weight; 0 in the air and seated. */
  share: number
}

export const CARRIES = 0.2

/** Whether a leg carries enough for its joints' cautions to count. */
export const carries = (leg: LegReading): boolean => leg.share >= CARRIES - 1e-12

/** Knee, hip and ankle of each leg. Foot and shank weight are neglected in the moments. */
export const readLegs = (footing: Footing, legs: BySide<Leg>): BySide<LegReading> =>
  bySide((side) => readLeg(footing, legs[side], side))

function readLeg({ body, stance }: Footing, leg: Leg, side: Side): LegReading {
  const { foot } = leg
  const seated = stance.seat !== undefined
  const share = seated || foot.contact === 'air' ? 0 : shareOf(stance, side)
  const kneeU = (leg.kneeX - foot.hx) * foot.ux + (leg.kneeY - foot.hy) * foot.uy
  const kneeV = (leg.kneeX - foot.hx) * foot.vx + (leg.kneeY - foot.hy) * foot.vy
  const force = share * body.mass * GRAVITY
  return {
    flexion: leg.flexion,
    pastToes: kneeU - foot.length,
    drift: leg.drift,
    offLine: -kneeV,
    sideTilt: Math.atan2(-kneeV, leg.kneeZ - foot.ankleZ),
    moment: seated ? null : force * (kneeU - foot.pressureU * foot.length),
    momentFrontal: seated ? null : force * (kneeV - foot.pressureV * foot.breadth),
    locked: leg.flexion < body.house.kneeLocked,
    hip: { flexion: leg.hipFlexion, abduction: leg.hipAbduction, rotation: leg.hipRotation },
    dorsiflexion: leg.dorsiflexion,
    rangeUsed: leg.rangeUsed,
    rangeExceeded: leg.rangeExceeded,
    hipHeight: leg.hipZ,
    hipOverKnee: leg.hipZ - leg.kneeZ,
    share,
  }
}

/**
 * What "kind to the knee" means: the whole external moment at a knee, √(M² + M_f²).
 * @returns newton metres: the root of the squared sums of the sagittal and the frontal moment
 * @example kneeLoad(analyse(ana, bow).legs.left) // => 4.54
 */
export const kneeLoad = (leg: LegReading): number => lengthOf(leg.moment ?? 0, leg.momentFrontal ?? 0)
