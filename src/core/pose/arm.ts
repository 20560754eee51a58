import type { Body } from '../body/body'
import { type Side, sideSign, type Vec3 } from '../conventions'
import { add, lengthOf } from '../geometry/vector'
import type { Arm } from '../stance/stance'
import { type Rotation, rotate } from './trunk'

export type ArmJoints = { elbow: Vec3; wrist: Vec3; knuckle: Vec3 }

/**
 * A free arm, from the shoulder, in the floor frame. The elbow bends in the plane of elevation, turned about the
 * upper arm toward the midline by `elbowInward`; the hand goes straight on.
 */
export function calcFreeArm(body: Body, side: Side, arm: Arm, trunk: Rotation, shoulder: Vec3): ArmJoints {
  const s = sideSign(side)
  const sinE = Math.sin(arm.elevation)
  const cosE = Math.cos(arm.elevation)
  const sinO = Math.sin(arm.opening)
  const cosO = Math.cos(arm.opening)
  const sinI = Math.sin(arm.elbowInward)
  const cosI = Math.cos(arm.elbowInward)
  const sinB = Math.sin(arm.elbow)
  const cosB = Math.cos(arm.elbow)
  const ux = s * sinE * sinO
  const uy = sinE * cosO
  const uz = -cosE
  const bendX = cosI * s * cosE * sinO - sinI * s * cosO
  const bendY = cosI * cosE * cosO + sinI * sinO
  const bendZ = cosI * sinE
  const fx = cosB * ux + sinB * bendX
  const fy = cosB * uy + sinB * bendY
  const fz = cosB * uz + sinB * bendZ
  const upper = body.upperArm[side]
  const fore = body.forearm[side]
  const hand = body.hand[side]
  const elbow = add(shoulder, rotate(trunk, upper * ux, upper * uy, upper * uz))
  const wrist = add(elbow, rotate(trunk, fore * fx, fore * fy, fore * fz))
  return { elbow, wrist, knuckle: add(wrist, rotate(trunk, hand * fx, hand * fy, hand * fz)) }
}

/**
 * An arm whose knuckle rests on a support: forearm and hand in line, the elbow in the vertical plane of shoulder and
 * hand, below their line. `gap` is how far the support is out of reach (0: within it).
 */
export function calcSupportedArm(body: Body, side: Side, shoulder: Vec3, at: Vec3): { joints: ArmJoints; gap: number } {
  const upper = body.upperArm[side]
  const lower = body.forearm[side] + body.hand[side]
  const dx = at[0] - shoulder[0]
  const dy = at[1] - shoulder[1]
  const dz = at[2] - shoulder[2]
  const distance = lengthOf(dx, dy, dz)
  const gap = Math.max(0, distance - (upper + lower), Math.abs(upper - lower) - distance)
  const span = Math.min(upper + lower, Math.max(Math.abs(upper - lower), distance, 1e-9))
  const along = (upper * upper - lower * lower + span * span) / (2 * span)
  const below = Math.sqrt(Math.max(0, upper * upper - along * along))
  const e: Vec3 = distance > 1e-9 ? [dx / distance, dy / distance, dz / distance] : [0, 0, -1]
  // Downward and perpendicular to the line: -z less its part along e; straight below the shoulder it is backward.
  const horizontal = lengthOf(e[0], e[1])
  const down: Vec3 =
    horizontal > 1e-9 ? [(e[2] * e[0]) / horizontal, (e[2] * e[1]) / horizontal, -horizontal] : [0, -1, 0]
  const elbow: Vec3 = [
    shoulder[0] + along * e[0] + below * down[0],
    shoulder[1] + along * e[1] + below * down[1],
    shoulder[2] + along * e[2] + below * down[2],
  ]
  const knuckle = gap > 0 ? add(shoulder, [span * e[0], span * e[1], span * e[2]]) : at
  const t = body.forearm[side] / lower
  const wrist: Vec3 = [
    elbow[0] + t * (knuckle[0] - elbow[0]),
    elbow[1] + t * (knuckle[1] - elbow[1]),
    elbow[2] + t * (knuckle[2] - elbow[2]),
  ]
  return { joints: { elbow, wrist, knuckle }, gap }
}
