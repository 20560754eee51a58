import { DEG } from '../conventions'
import type { Footing } from '../stance/footing'
import type { Finding } from './finding'
import { degrees, millimetres } from './words'

/** What a rule about the whole stance looks at. */
export type StanceFacts = { footing: Footing; nearest: number; assured: number; reserve: number }

export type StanceRule = (facts: StanceFacts) => Finding | null

const LEAN_FORWARD = 20 * DEG
const LEAN_FORWARD_INCLINED = 35 * DEG
const LEAN_BACK = 10 * DEG
const LEAN_SIDE = 10 * DEG
const HOLLOW = 10 * DEG

const balanceOutside: StanceRule = ({ nearest }) => {
  if (!(nearest < 0)) return null
  const text = `The centre is ${millimetres(-nearest)} outside the part of the base that can be used.`
  return { code: 'balance.outside', severity: 'hard', where: 'balance', value: nearest, limit: 0, unit: 'm', text }
}

const balanceReserve: StanceRule = ({ nearest, assured, reserve }) => {
  if (!(assured < reserve)) return null
  const severity = assured < 0 ? 'hard' : 'caution'
  const text = sayReserve(nearest, assured, reserve)
  return { code: 'balance.reserve', severity, where: 'balance', value: assured, limit: reserve, unit: 'm', text }
}

function sayReserve(nearest: number, assured: number, reserve: number): string {
  if (nearest < 0) return `With its uncertainty the edge is passed by up to ${millimetres(-assured)}.`
  if (assured < 0)
    return `The uncertainty is larger than the margin: the edge may be passed by ${millimetres(-assured)}.`
  return `${millimetres(assured)} are sure; the reserve for normal sway is ${millimetres(reserve)}.`
}

const trunkPitch: StanceRule = ({ footing: { stance } }) => {
  const { pitch } = stance.trunk
  const most = stance.frame === 'inclined' ? LEAN_FORWARD_INCLINED : LEAN_FORWARD
  if (pitch <= most && pitch >= -LEAN_BACK) return null
  const limit = pitch > 0 ? most : -LEAN_BACK
  const text = `The trunk leans ${degrees(Math.abs(pitch))} ${pitch > 0 ? 'forward' : 'back'}; usual is at most ${degrees(Math.abs(limit))}.`
  return { code: 'trunk.lean', severity: 'caution', where: 'trunk', value: pitch, limit, unit: 'rad', text }
}

const trunkRoll: StanceRule = ({ footing: { stance } }) => {
  const { roll } = stance.trunk
  if (Math.abs(roll) <= LEAN_SIDE) return null
  const text = `The trunk leans ${degrees(Math.abs(roll))} to the ${roll > 0 ? 'right' : 'left'}; usual is at most ${degrees(LEAN_SIDE)}.`
  return { code: 'trunk.lean', severity: 'caution', where: 'trunk', value: roll, limit: LEAN_SIDE, unit: 'rad', text }
}

const trunkTwist: StanceRule = ({ footing: { stance, body } }) => {
  const value = Math.abs(stance.trunk.yaw)
  const limit = body.trunkTwistMax
  if (!(value > limit + 1e-9)) return null
  const text = `The trunk turns ${degrees(value)} past the pelvis; its limit is ${degrees(limit)}.`
  return { code: 'trunk.twist', severity: 'caution', where: 'trunk', value, limit, unit: 'rad', text }
}

const backHollow: StanceRule = ({ footing: { stance } }) => {
  const value = stance.pelvisTilt - stance.trunk.pitch
  if (!(value > HOLLOW + 1e-9)) return null
  const text = `The back is hollowed: the pelvis tips ${degrees(value)} more than the trunk.`
  return { code: 'back.hollow', severity: 'caution', where: 'trunk back', value, limit: HOLLOW, unit: 'rad', text }
}

const eyesClosed: StanceRule = ({ footing: { stance }, reserve }) => {
  if (stance.eyes !== 'closed') return null
  const text = `With closed eyes the reserve is ${millimetres(reserve)}: people sway more without sight.`
  return { code: 'eyes.closed', severity: 'note', where: 'balance', value: reserve, limit: reserve, unit: 'm', text }
}

const footNarrow: StanceRule = ({ footing: { stance, body, feet, loadLeft } }) => {
  const bothLoaded = feet.left.part && feet.right.part && loadLeft > 0 && loadLeft < 1
  const width = stance.feet.right.heel[0] - stance.feet.left.heel[0]
  const limit = body.hipSeparation / 2
  if (!bothLoaded || stance.seat || !(width < limit)) return null
  const text =
    width < 0
      ? `The feet cross by ${millimetres(-width)}.`
      : `The heels are ${millimetres(width)} apart, nearly on one line.`
  return { code: 'foot.narrow', severity: 'note', where: 'feet', value: width, limit, unit: 'm', text }
}

/** In the order in which they are reported. */
export const STANCE_RULES: readonly StanceRule[] = [
  balanceOutside,
  balanceReserve,
  trunkPitch,
  trunkRoll,
  trunkTwist,
  backHollow,
  eyesClosed,
  footNarrow,
]
