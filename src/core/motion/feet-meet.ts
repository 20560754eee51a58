import type { Body } from '../body/body'
import { directionVector, otherSide, type Side } from '../conventions'
import { calcOverlap, type Ring } from '../geometry/polygon'
import { FOOT_OUTLINE, layOnFloor, placeFoot } from '../stance/foot'
import type { FootInstant } from './instant'
import { type Phase, turnAt } from './phase'

const OVERLAP_MOST = 1e-4
/** How far a foot turns between two looks at whether its toes meet the other: 12 mm of a toe's way. */
const LOOK = (3 * Math.PI) / 180

/** Whether two feet of the room, near the floor, would lie on each other. */
export const doFeetMeet = (body: Body, side: Side, foot: FootInstant, standing: FootInstant): boolean =>
  !areApart(body, foot, standing) &&
  calcOverlap(layFoot(body, side, foot), layFoot(body, otherSide(side), standing)) > OVERLAP_MOST

/** Whether a foot that turns in its place would sweep through the other one. */
export function doesTurnMeet(body: Body, phase: Phase): boolean {
  const { kind, foot, from, to } = phase
  if (kind !== 'turn' || !foot) return false
  const standing = from.feet[otherSide(foot)]
  if (standing.contact === 'air') return false
  const looks = Math.ceil(Math.abs(to.feet[foot].yaw - from.feet[foot].yaw) / LOOK)
  for (let i = 1; i < looks; i++)
    if (doFeetMeet(body, foot, turnAt(phase, i / looks, body.footLength), standing)) return true
  return false
}

type Laid = Pick<FootInstant, 'heel' | 'yaw'>

/** Whether the boxes around two feet are apart along or across the second: mostly that is all one needs to know. */
function areApart({ footLength: L, footBreadth: B }: Body, a: Laid, b: Laid): boolean {
  const [dx, dy] = [a.heel[0] - b.heel[0], a.heel[1] - b.heel[1]]
  const turn = a.yaw - b.yaw
  const [ux, uy] = directionVector(b.yaw)
  const ahead = dx * ux + dy * uy
  const aside = dy * ux - dx * uy
  const [along, across] = [L * Math.cos(turn), L * Math.sin(turn)]
  const wide = (B / 2) * Math.abs(Math.cos(turn))
  const deep = (B / 2) * Math.abs(Math.sin(turn))
  return (
    ahead + Math.min(0, along) - deep >= L ||
    ahead + Math.max(0, along) + deep <= 0 ||
    aside + Math.min(0, across) - wide >= B / 2 ||
    aside + Math.max(0, across) + wide <= -B / 2
  )
}

/** The outline of a foot of the room. */
function layFoot(body: Body, side: Side, { heel, yaw, pressureAt, clearance, lift }: FootInstant): Ring {
  const toeOut = side === 'left' ? yaw : -yaw
  return layOnFloor(placeFoot(body, side, { heel, toeOut, contact: 'air', pressureAt, clearance, lift }), FOOT_OUTLINE)
}
