import { DEG, directionOf } from '../conventions'
import { findFrontSide, shareOf } from '../stance/footing'
import { calcLead } from '../stance/layout'
import type { StanceRule } from './rule'
import { degrees } from './words'

/** A stance whose fuller knee bends less than this is high. */
const HIGH = 25 * DEG
/** Heels further apart than this fore and aft make one foot the front one. */
const STAGGERED = 0.1

const lean: StanceRule = {
  id: 'trunk.lean',
  code: 'trunk.lean',
  looksAt: 'how far the trunk leans forward, back or to a side',
  house: ['leanForward', 'leanForwardInclined', 'leanBack', 'leanSide'],
  source: 'house threshold, more forward for a frame that inclines',
  heading: () => 'The trunk leans',
  advice: 'Bring the crown over the middle and the shoulders over the hips; go down by the knees, not by the back.',
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
    const way = pitched ? (pitch > 0 ? 'forward' : 'back') : `to the ${roll > 0 ? 'right' : 'left'}`
    const besides = pitched && rolled ? `, and ${degrees(Math.abs(roll))} to the ${roll > 0 ? 'right' : 'left'}` : ''
    const text = `The trunk leans ${degrees(Math.abs(value))} ${way}${besides}; usual is at most ${degrees(Math.abs(limit))}.`
    return { severity: 'caution', where: 'trunk', value, limit, unit: 'rad', by, text }
  },
}

const leanHigh: StanceRule = {
  id: 'trunk.lean-high',
  code: 'trunk.lean-high',
  looksAt: 'a forward lean in a high stance, where the knees could bend instead',
  house: ['leanHigh'],
  source: 'house threshold: low, a little lean is needed; high, none is',
  heading: () => 'Leaning while high',
  advice: 'Bend the knees instead of the back.',
  find: ({ footing: { stance, body }, legs }) => {
    const { pitch: value } = stance.trunk
    const limit = body.house.leanHigh
    const bend = Math.max(legs.left.flexion, legs.right.flexion)
    if (stance.seat || stance.frame === 'inclined' || bend >= HIGH || !(value > limit + 1e-9)) return null
    const text = `The trunk leans ${degrees(value)} while the knees bend only ${degrees(bend)}.`
    return { severity: 'note', where: 'trunk', value, limit, unit: 'rad', text }
  },
}

const twist: StanceRule = {
  id: 'trunk.twist',
  code: 'trunk.twist',
  looksAt: 'how far the trunk turns past the pelvis',
  house: ['trunkTwistMax'],
  limits: ['trunkTwistMax'],
  source: 'the person’s own limit; else the house default',
  heading: () => 'The trunk twists far',
  advice: 'Turn the pelvis with the shoulders, or turn less.',
  find: ({ footing: { stance, body } }) => {
    const value = Math.abs(stance.trunk.yaw)
    const limit = body.trunkTwistMax
    if (body.trunkOrdered || !(value > limit + 1e-9)) return null
    const text = `The trunk turns ${degrees(value)} past the pelvis; its limit is ${degrees(limit)}.`
    return { severity: 'caution', where: 'trunk', value, limit, unit: 'rad', text }
  },
}

const twistOrder: StanceRule = {
  id: 'trunk.limit/twist',
  code: 'trunk.limit',
  looksAt: 'an ordered limit on turning the trunk past the pelvis',
  limits: ['trunkTwistMax', 'trunkOrdered'],
  source: 'the person’s own limit or order',
  heading: () => 'The trunk passes its limit',
  advice: 'Turn the pelvis with the shoulders, or turn less.',
  find: ({ footing: { stance, body } }) => {
    const value = Math.abs(stance.trunk.yaw)
    const limit = body.trunkTwistMax
    if (!body.trunkOrdered || !(value > limit + 1e-9)) return null
    const text = `The trunk turns ${degrees(value)} past the pelvis; the order allows ${degrees(limit)}.`
    return { severity: 'hard', where: 'trunk', value, limit, unit: 'rad', by: 'trunkTwistMax', text }
  },
}

const bendOrder: StanceRule = {
  id: 'trunk.limit/bend',
  code: 'trunk.limit',
  looksAt: 'a person’s limit on bending the trunk forward or back',
  limits: ['trunkForwardMax', 'trunkBackMax'],
  source: 'the person’s own limit or order',
  heading: () => 'The trunk passes its limit',
  advice: 'Stay upright; go down by the knees.',
  find: ({ footing: { stance, body } }) => {
    const { pitch: value } = stance.trunk
    const limit = value > 0 ? body.trunkForwardMax : -body.trunkBackMax
    if (!(value > 0 ? value > limit + 1e-9 : value < limit - 1e-9)) return null
    const text = `The trunk bends ${degrees(Math.abs(value))} ${value > 0 ? 'forward' : 'back'}; its limit is ${degrees(Math.abs(limit))}.`
    const by = value > 0 ? 'trunkForwardMax' : 'trunkBackMax'
    return { severity: 'hard', where: 'trunk', value, limit, unit: 'rad', by, text }
  },
}

const hollow: StanceRule = {
  id: 'back.hollow',
  code: 'back.hollow',
  looksAt: 'how much further the pelvis tips forward than the trunk',
  house: ['hollow'],
  source: 'house threshold',
  heading: () => 'The back is hollowed',
  advice: 'Sit, rather than lift the seat: let the tail be heavy.',
  find: ({ footing: { stance, body } }) => {
    const value = stance.pelvisTilt - stance.trunk.pitch
    const limit = body.house.hollow
    if (!(value > limit + 1e-9)) return null
    const text = `The back is hollowed: the pelvis tips ${degrees(value)} more than the trunk.`
    return { severity: 'caution', where: 'trunk back', value, limit, unit: 'rad', text }
  },
}

const offFoot: StanceRule = {
  id: 'trunk.off-foot',
  code: 'trunk.off-foot',
  looksAt: 'whether the pelvis faces where the front foot points',
  house: ['pelvisOffFoot'],
  source: 'house threshold',
  heading: () => 'The hips do not face the front foot’s line',
  advice: 'Turn the hips with the front foot, or turn the foot.',
  find: ({ footing: { stance, body, feet } }) => {
    const apart = Math.abs(calcLead(stance))
    const front = findFrontSide(stance)
    if (stance.seat || apart < STAGGERED || !feet[front].part || shareOf(stance, front) === 0) return null
    const value = Math.abs(directionOf(feet[front].ux, feet[front].uy) - stance.pelvisYaw)
    const limit = body.house.pelvisOffFoot
    if (!(value > limit + 1e-9)) return null
    const text = `The pelvis is turned ${degrees(value)} off the line of the ${front} foot.`
    return { severity: 'note', where: 'trunk pelvis', value, limit, unit: 'rad', text }
  },
}

export const TRUNK_RULES: readonly StanceRule[] = [lean, leanHigh, twist, twistOrder, bendOrder, hollow, offFoot]
