import { type Body, isPastOrder } from '../body/body'
import { DEG, SIDES } from '../conventions'
import { InputError } from '../errors'
import { bisect } from '../numeric/bisect'
import { settle } from '../pose/pose'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'

const DRIFT_MOST = 5 * DEG
const STEP = 3 * DEG
const TURN_MOST = 90 * DEG
const PRECISION = 0.1 * DEG

/**
 * How far the pelvis can turn to the left and to the right of where it is, feet and split held, before a knee drifts
 * by 5° or a hip's range ends. Radians, both positive; to 0.1°; 0 where the stance is past that already.
 * @returns radians to the left and to the right, both positive
 * @example calcFreeTurn(ana, parallel).left / DEG // => 42
 */
export function calcFreeTurn(body: Body, stance: Stance): { left: number; right: number } {
  return { left: findTurn(body, stance, 1), right: findTurn(body, stance, -1) }
}

function findTurn(body: Body, stance: Stance, sign: 1 | -1): number {
  const isFree = (turn: number) => keepsKnees(body, { ...stance, pelvisYaw: stance.pelvisYaw + sign * turn })
  if (!isFree(0)) return 0
  let free = 0
  let held = TURN_MOST
  while (free < TURN_MOST) {
    const next = Math.min(TURN_MOST, free + STEP)
    if (!isFree(next)) {
      held = next
      break
    }
    free = next
  }
  return bisect(isFree, free, held, PRECISION)
}

function keepsKnees(body: Body, stance: Stance): boolean {
  try {
    const { legs } = settle(setFooting(body, stance))
    return SIDES.every((side) => {
      const leg = legs[side]
      if (leg.foot.contact === 'air') return true
      const isBroken = isPastOrder(body.sides[side], leg.hipRotation)
      return Math.abs(leg.drift) < DRIFT_MOST && !leg.rangeExceeded && !isBroken
    })
  } catch (error) {
    // A turn that a leg or a supported hand cannot reach is a turn that isn't free.
    if (error instanceof InputError) return false
    throw error
  }
}
