import { type Pose, SIDES, type Side, type Vec3 } from '@/core'

/** A round part of the body: where, and how thick. */
export type Ball = { at: Vec3; r: number }

export type Tone = 'leg' | 'arm' | 'trunk' | 'head'

/** A part that is the hull of a chain of round parts: a limb is two, a foot is four. */
export type BodyPart = { key: string; balls: readonly Ball[]; tone: Tone; side?: Side }

/** Half widths and half depths of the trunk at heights above the hip axis, as fractions of stature. */
const TRUNK: readonly { above: number; wide: number; deep: number }[] = [
  { above: -0.055, wide: 0.06, deep: 0.05 },
  { above: -0.015, wide: 0.098, deep: 0.068 },
  { above: 0.03, wide: 0.096, deep: 0.068 },
  { above: 0.1, wide: 0.08, deep: 0.056 },
  { above: 0.19, wide: 0.092, deep: 0.064 },
  { above: 0.255, wide: 0.1, deep: 0.055 },
  { above: 0.295, wide: 0.075, deep: 0.04 },
  { above: 0.318, wide: 0.036, deep: 0.034 },
]

/** An ellipse of the trunk: its centre, half width and half depth, and the heading that it faces. */
export type TrunkRing = { centre: Vec3; wide: number; deep: number; yaw: number }

const RADII = {
  hip: 0.056,
  knee: 0.034,
  calf: 0.033,
  ankle: 0.021,
  shoulder: 0.03,
  elbow: 0.022,
  wrist: 0.016,
} as const

/** Limbs and neck of a body in a pose. */
export function listBodyParts(pose: Pose): BodyPart[] {
  const { joints, body } = pose
  const H = body.stature
  const neck: Ball[] = [
    { at: joints.c7, r: 0.03 * H },
    { at: mix(joints.c7, joints.vertex, 0.4), r: 0.028 * H },
  ]
  return [
    { key: 'neck', balls: neck, tone: 'head' },
    ...SIDES.flatMap((side) => [...listLeg(pose, side), ...listArm(pose, side)]),
  ]
}

function listLeg({ joints, body }: Pose, side: Side): BodyPart[] {
  const H = body.stature
  const [hip, knee, ankle] = [joints[`${side}Hip`], joints[`${side}Knee`], joints[`${side}Ankle`]]
  const [heel, toe] = [joints[`${side}Heel`], joints[`${side}Toe`]]
  const raised = (p: Vec3, r: number): Ball => ({ at: [p[0], p[1], p[2] + r], r })
  const foot = [
    { at: ankle, r: 0.019 * H },
    raised(mix(heel, toe, 0.1), 0.017 * H),
    raised(mix(heel, toe, 0.74), 0.014 * H),
    raised(mix(heel, toe, 0.94), 0.008 * H),
  ]
  const thigh = [
    { at: hip, r: RADII.hip * H },
    { at: knee, r: RADII.knee * H },
  ]
  const shank = [
    { at: knee, r: RADII.knee * H * 0.96 },
    { at: mix(knee, ankle, 0.3), r: RADII.calf * H },
    { at: ankle, r: RADII.ankle * H },
  ]
  return [
    { key: `${side}-shank`, balls: shank, tone: 'leg', side },
    { key: `${side}-foot`, balls: foot, tone: 'leg', side },
    { key: `${side}-thigh`, balls: thigh, tone: 'leg', side },
  ]
}

function listArm({ joints, body }: Pose, side: Side): BodyPart[] {
  const H = body.stature
  const [wrist, knuckle] = [joints[`${side}Wrist`], joints[`${side}Knuckle`]]
  const upper = [
    { at: joints[`${side}Shoulder`], r: RADII.shoulder * H },
    { at: joints[`${side}Elbow`], r: RADII.elbow * H },
  ]
  const fore = [
    { at: joints[`${side}Elbow`], r: RADII.elbow * H },
    { at: wrist, r: RADII.wrist * H },
  ]
  const hand = [
    { at: wrist, r: 0.014 * H },
    { at: knuckle, r: 0.02 * H },
    { at: mix(wrist, knuckle, 1.7), r: 0.009 * H },
  ]
  return [
    { key: `${side}-upper-arm`, balls: upper, tone: 'arm', side },
    { key: `${side}-forearm`, balls: fore, tone: 'arm', side },
    { key: `${side}-hand`, balls: hand, tone: 'head', side },
  ]
}

/** The trunk's rings from below, turned from the pelvis' heading to the shoulders'; a belly pushes its ring forward. */
export function listTrunkRings({ joints, body, stance }: Pose): TrunkRing[] {
  const H = body.stature
  const { pelvis, suprasternal } = joints
  const along = body.suprasternalAbove
  return TRUNK.map(({ above, wide, deep }) => {
    const height = above * H
    const t = Math.min(1, Math.max(0, height / along))
    const yaw = stance.pelvisYaw + stance.trunk.yaw * t
    const belly = (body.trunkShift * 1.6 * Math.max(0, 1 - Math.abs(above - 0.08) / 0.14)) / 2
    const [x, y, z] = mix(pelvis, suprasternal, height / along)
    const centre: Vec3 = [x - belly * Math.sin(yaw), y + belly * Math.cos(yaw), z]
    return { centre, wide: wide * H, deep: deep * H + belly, yaw }
  })
}

/** The head as an egg about a centre: half width, half depth, half height, and the way it faces. */
export function findHead({ joints, body, stance }: Pose): TrunkRing & { tall: number } {
  const H = body.stature
  const yaw = stance.pelvisYaw + stance.trunk.yaw
  return { centre: mix(joints.vertex, joints.c7, 0.47), wide: 0.046 * H, deep: 0.056 * H, tall: 0.066 * H, yaw }
}

export const mix = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
]
