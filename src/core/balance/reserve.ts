import { clamp } from '../numeric/clamp'
import type { Footing } from '../stance/footing'

/** From these shares on the lighter foot the reserve rises from that for one foot to that for two. */
const ONE_FOOT_BELOW = 0.05
const TWO_FEET_FROM = 0.15

/** The margin that a stance must keep for normal sway, in metres; with closed eyes so many times as much. */
export const calcReserve = (footing: Footing): number => calcOpenReserve(footing) * calcEyesFactor(footing)

/** The margin that it must keep on one foot, metres: what a foot is lifted against. */
export const calcOneFootReserve = (footing: Footing): number =>
  footing.body.swayReserveOneFoot * calcEyesFactor(footing)

const calcEyesFactor = ({ body, stance }: Footing): number =>
  stance.eyes === 'closed' ? body.house.eyesClosedReserveFactor : 1

function calcOpenReserve({ body, stance, feet }: Footing): number {
  if (stance.seat) return body.swayReserve
  const lighter = feet.left.part && feet.right.part ? Math.min(stance.loadLeft, 1 - stance.loadLeft) : 0
  const onTwo = clamp((lighter - ONE_FOOT_BELOW) / (TWO_FEET_FROM - ONE_FOOT_BELOW), 0, 1)
  return body.swayReserveOneFoot + onTwo * (body.swayReserve - body.swayReserveOneFoot)
}
