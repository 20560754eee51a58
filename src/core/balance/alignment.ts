import { type BySide, bySide, directionOf, otherSide, type Side, sideSign, type Vec2 } from '../conventions'
import { lengthOf, wrapAngle } from '../geometry/vector'
import { JOINTS } from '../pose/names'
import type { Pose } from '../pose/pose'
import { calcPelvisToFrontFoot, findFrontSide } from '../stance/footing'

/** What a teacher's eye checks: radians and metres. */
export type Alignment = {
  /** How far the thigh falls from hip to knee against the horizontal. */
  thigh: BySide<number>
  /** Shoulder centre less hip centre of the same side, floor frame. */
  shoulderOverHip: BySide<Vec2>
  footToFoot: number
  /** Direction of the front foot less the pelvis heading, counter-clockwise positive. */
  pelvisToFrontFoot: number
  /** Between rear heel to mid-hip and mid-hip to vertex, from the side. */
  oneLine: number
  /** How far the front side's shoulder, knee and ankle are off one vertical, from the side. */
  frontOffVertical: number
  /** Upper less lower along the pelvis' sideways axis, outward positive. */
  pairs: BySide<{ handFoot: number; elbowKnee: number; shoulderHip: number }>
  /** The trunk's lean forward (back negative): what the pelvis tips with it, and what is left to the low back. */
  bend: { hips: number; back: number }
  /** How much further a hand comes with its elbow straight and the shoulder where it is: ahead at its height, down where it is. */
  handReach: BySide<{ forward: number; down: number }>
  /** Smallest over largest of the rose on the usable base. */
  evenness: number
}

export function readAlignment(pose: Pose, rose: readonly number[]): Alignment {
  const { joints, stance, feet } = pose
  const front = findFrontSide(stance)
  const rear = otherSide(front)
  const yawOf = (side: Side) => directionOf(feet[side].ux, feet[side].uy)
  const sideY = [joints[JOINTS[front].shoulder][1], joints[JOINTS[front].knee][1], joints[JOINTS[front].ankle][1]]
  const backHeel = joints[JOINTS[rear].heel]
  const [, hy, hz] = joints.pelvis
  const lower = Math.atan2(hy - backHeel[1], hz - backHeel[2])
  const upper = Math.atan2(joints.vertex[1] - hy, joints.vertex[2] - hz)
  let largest = 0
  let smallest = Number.POSITIVE_INFINITY
  for (const distance of rose) {
    if (distance > largest) largest = distance
    if (distance < smallest) smallest = distance
  }
  return {
    thigh: bySide((side) => {
      const hip = joints[JOINTS[side].hip]
      const knee = joints[JOINTS[side].knee]
      return Math.atan2(hip[2] - knee[2], lengthOf(knee[0] - hip[0], knee[1] - hip[1]))
    }),
    shoulderOverHip: bySide((side): Vec2 => {
      const shoulder = joints[JOINTS[side].shoulder]
      const hip = joints[JOINTS[side].hip]
      return [shoulder[0] - hip[0], shoulder[1] - hip[1]]
    }),
    footToFoot: Math.abs(wrapAngle(yawOf('left') - yawOf('right'))),
    pelvisToFrontFoot: calcPelvisToFrontFoot(stance),
    oneLine: Math.abs(wrapAngle(upper - lower)),
    frontOffVertical: Math.max(...sideY) - Math.min(...sideY),
    pairs: bySide((side) => readPairs(pose, side)),
    bend: { hips: stance.pelvisTilt, back: stance.trunk.pitch - stance.pelvisTilt },
    handReach: bySide((side) => readHandReach(pose, side)),
    evenness: largest > 0 ? smallest / largest : 0,
  }
}

function readPairs({ joints, stance }: Pose, side: Side) {
  const ax = sideSign(side) * Math.cos(stance.pelvisYaw)
  const ay = sideSign(side) * Math.sin(stance.pelvisYaw)
  const across = (upper: keyof typeof joints, lower: keyof typeof joints) =>
    (joints[upper][0] - joints[lower][0]) * ax + (joints[upper][1] - joints[lower][1]) * ay
  const at = JOINTS[side]
  return {
    handFoot: across(at.knuckle, at.ankle),
    elbowKnee: across(at.elbow, at.knee),
    shoulderHip: across(at.shoulder, at.hip),
  }
}

/** Along the heading and down, from the hand to where the straight arm ends; nothing where the arm is straight already. */
function readHandReach({ joints, body }: Pose, side: Side) {
  const { shoulder, knuckle } = JOINTS[side]
  const [dx, dy, dz] = [0, 1, 2].map((i) => (joints[knuckle][i] as number) - (joints[shoulder][i] as number)) as [
    number,
    number,
    number,
  ]
  const arm = body.upperArm[side] + body.forearm[side] + body.hand[side]
  const most = (...others: [number, number]) => Math.sqrt(Math.max(0, arm ** 2 - others[0] ** 2 - others[1] ** 2))
  return { forward: Math.max(0, most(dx, dz) - dy), down: Math.max(0, most(dx, dy) + dz) }
}
