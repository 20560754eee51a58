import { type Body, HIP_ABOVE_SEAT } from '../body/body'
import { DEG } from '../conventions'
import type { Stance } from './stance'
import { makeStandingStance } from './standing'

/** How much higher than the knee the seat is, so that the thigh falls a little. */
const SEAT_ABOVE_KNEE = 0.02
/** Usual for a wheelchair with its cushion, where nobody measured it. */
const WHEELCHAIR_SEAT = 0.5

/**
 * The seated form: on what they sit on, else a firm chair a little higher than the knee; feet flat under the knees, a
 * shoulder width apart.
 * @example makeSeated(ana).loadLeft // => 0.5
 */
export function makeSeated(body: Body, from?: Stance): Stance {
  const shank = (body.shank.left + body.shank.right) / 2
  const thigh = (body.thigh.left + body.thigh.right) / 2
  const ankle = (body.ankleHeight.left + body.ankleHeight.right) / 2
  const { sitsOn, seatHeight } = body.person
  const height = seatHeight ?? (sitsOn === 'wheelchair' ? WHEELCHAIR_SEAT : ankle + shank + SEAT_ABOVE_KNEE)
  const fall = height - ankle - shank + HIP_ABOVE_SEAT * body.stature
  const ahead = Math.sqrt(Math.max(0, thigh ** 2 - fall ** 2))
  const standing = makeStandingStance(body)
  const half = body.shoulderWidth / 2
  const heelY = ahead - 0.25 * body.footLength
  const arm = { elevation: 35 * DEG, opening: 10 * DEG, elbow: 60 * DEG, elbowInward: 0 }
  return {
    ...standing,
    posture: from?.posture ?? 'seated',
    ...(from?.side && { side: from.side }),
    feet: {
      left: { ...standing.feet.left, heel: [-half, heelY] },
      right: { ...standing.feet.right, heel: [half, heelY] },
    },
    arms: from?.arms ?? { left: arm, right: arm },
    seat: { height, at: [0, 0], ...(sitsOn && { kind: sitsOn }) },
  }
}
