import type { Body } from '../body/body'
import { DEG, directionOf } from '../conventions'
import { findFrontSide, shareOf } from '../stance/footing'
import { calcLead } from '../stance/layout'
import type { Stance } from '../stance/stance'
import type { Says, StanceRule } from './rule'

/** A stance whose fuller knee bends less than this is high. */
const HIGH = 25 * DEG
/** Heels further apart than this fore and aft make one foot the front one. */
const STAGGERED = 0.1

const lean: StanceRule = {
  id: 'trunk.lean',
  code: 'trunk.lean',
  house: ['leanForward', 'leanForwardInclined', 'leanBack', 'leanSide'],
  find: ({ footing: { stance, body } }) => {
    const { leanForward, leanForwardInclined, leanBack, leanSide } = body.house
    const { pitch, roll } = stance.trunk
    const forwardMost = stance.frame === 'inclined' ? leanForwardInclined : leanForward
    const pitched = pitch > forwardMost || pitch < -leanBack
    const rolled = Math.abs(roll) > leanSide
    if (!pitched && !rolled) return null
    const forward = stance.frame === 'inclined' ? 'leanForwardInclined' : 'leanForward'
    const [value, limit, by] = pitched
      ? pitch > 0
        ? ([pitch, forwardMost, forward] as const)
        : ([pitch, -leanBack, 'leanBack'] as const)
      : ([roll, roll > 0 ? leanSide : -leanSide, 'leanSide'] as const)
    const toSide = roll > 0 ? 'right' : 'left'
    const says: Says = {
      aspect: !pitched ? toSide : pitch > 0 ? 'forward' : 'back',
      besides: pitched && rolled ? toSide : 'none',
      roll: { value: roll, unit: 'rad' },
    }
    return { severity: 'caution', side: null, part: 'trunk', value, limit, unit: 'rad', by, says }
  },
}

const leanHigh: StanceRule = {
  id: 'trunk.lean-high',
  code: 'trunk.lean-high',
  house: ['leanHigh'],
  find: ({ footing: { stance, body }, legs }) => {
    const { pitch: value } = stance.trunk
    const limit = body.house.leanHigh
    const bend = Math.max(legs.left.flexion, legs.right.flexion)
    if (stance.seat || stance.frame === 'inclined' || bend >= HIGH || !(value > limit + 1e-9)) return null
    return {
      severity: 'note',
      side: null,
      part: 'trunk',
      value,
      limit,
      unit: 'rad',
      says: { bend: { value: bend, unit: 'rad' } },
    }
  },
}

/** How far the shoulders are turned past the pelvis, and how far they may to that side. */
function readTwist(body: Body, { trunk: { yaw } }: Stance): { value: number; limit: number } {
  return { value: Math.abs(yaw), limit: body.sides[yaw > 0 ? 'left' : 'right'].trunkTwistMax }
}

const twist: StanceRule = {
  id: 'trunk.twist',
  code: 'trunk.twist',
  house: ['trunkTwistMax'],
  limits: ['trunkTwistMax'],
  find: ({ footing: { stance, body } }) => {
    const { value, limit } = readTwist(body, stance)
    if (body.trunkOrdered || !(value > limit + 1e-9)) return null
    return { severity: 'caution', side: null, part: 'trunk', value, limit, unit: 'rad' }
  },
}

const twistOrder: StanceRule = {
  id: 'trunk.limit/twist',
  code: 'trunk.limit',
  limits: ['trunkTwistMax', 'trunkOrdered'],
  find: ({ footing: { stance, body } }) => {
    const { value, limit } = readTwist(body, stance)
    if (!body.trunkOrdered || !(value > limit + 1e-9)) return null
    return { severity: 'hard', side: null, part: 'trunk', value, limit, unit: 'rad', by: 'trunkTwistMax' }
  },
}

const bendOrder: StanceRule = {
  id: 'trunk.limit/bend',
  code: 'trunk.limit',
  limits: ['trunkForwardMax', 'trunkBackMax'],
  find: ({ footing: { stance, body } }) => {
    const { pitch: value } = stance.trunk
    const limit = value > 0 ? body.trunkForwardMax : -body.trunkBackMax
    if (!(value > 0 ? value > limit + 1e-9 : value < limit - 1e-9)) return null
    const by = value > 0 ? 'trunkForwardMax' : 'trunkBackMax'
    return {
      severity: 'hard',
      side: null,
      part: 'trunk',
      value,
      limit,
      unit: 'rad',
      by,
      says: { aspect: value > 0 ? 'forward' : 'back' },
    }
  },
}

const hollow: StanceRule = {
  id: 'back.hollow',
  code: 'back.hollow',
  house: ['hollow'],
  find: ({ footing: { stance, body } }) => {
    const value = stance.pelvisTilt - stance.trunk.pitch
    const limit = body.house.hollow
    if (!(value > limit + 1e-9)) return null
    return { severity: 'caution', side: null, part: 'trunk back', value, limit, unit: 'rad' }
  },
}

const offFoot: StanceRule = {
  id: 'trunk.off-foot',
  code: 'trunk.off-foot',
  house: ['pelvisOffFoot'],
  find: ({ footing: { stance, body, feet } }) => {
    const apart = Math.abs(calcLead(stance))
    const front = findFrontSide(stance)
    if (stance.seat || apart < STAGGERED || !feet[front].part || shareOf(stance, front) === 0) return null
    const value = Math.abs(directionOf(feet[front].ux, feet[front].uy) - stance.pelvisYaw)
    const limit = body.house.pelvisOffFoot
    if (!(value > limit + 1e-9)) return null
    return { severity: 'note', side: null, part: 'trunk pelvis', value, limit, unit: 'rad', says: { leg: front } }
  },
}

export const TRUNK_RULES: readonly StanceRule[] = [lean, leanHigh, twist, twistOrder, bendOrder, hollow, offFoot]
