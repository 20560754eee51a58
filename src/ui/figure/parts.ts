import { type Pose, SIDES, type Side, type Vec2, type Vec3 } from '@/core'
import { type Ball, nearness, outline, see, type View } from './view'

/** A part of the drawn body: its outline in the picture's metres, and how near it is. */
export type Part = { key: string; ring: Vec2[]; near: number; tone: 'leg' | 'arm' | 'trunk' | 'head'; side?: Side }

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

const RADII = {
  hip: 0.056,
  knee: 0.034,
  calf: 0.033,
  ankle: 0.021,
  shoulder: 0.03,
  elbow: 0.022,
  wrist: 0.016,
} as const

/** The body's parts, farthest first. */
export function drawBody(pose: Pose, view: View): Part[] {
  const parts = [drawTrunk(pose, view), ...drawHead(pose, view)]
  for (const side of SIDES) parts.push(...drawLeg(pose, view, side), ...drawArm(pose, view, side))
  return parts.sort((a, b) => a.near - b.near)
}

const mix = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
]

const limb = (view: View, a: Ball, b: Ball) => outline(view, [a, b])

function drawLeg({ joints, body }: Pose, view: View, side: Side): Part[] {
  const H = body.stature
  const [hip, knee, ankle] = [joints[`${side}Hip`], joints[`${side}Knee`], joints[`${side}Ankle`]]
  const [heel, toe] = [joints[`${side}Heel`], joints[`${side}Toe`]]
  const raised = (p: Vec3, r: number): Ball => ({ at: [p[0], p[1], p[2] + r], r })
  const ball = mix(heel, toe, 0.74)
  const near = nearness(view, mix(hip, ankle, 0.5))
  const thigh = limb(view, { at: hip, r: RADII.hip * H }, { at: knee, r: RADII.knee * H })
  const calf = mix(knee, ankle, 0.3)
  const shank = outline(view, [
    { at: knee, r: RADII.knee * H * 0.96 },
    { at: calf, r: RADII.calf * H },
    { at: ankle, r: RADII.ankle * H },
  ])
  const inFoot = mix(heel, toe, 0.1)
  const foot = outline(view, [
    raised(inFoot, 0.017 * H),
    raised(ball, 0.014 * H),
    raised(mix(heel, toe, 0.94), 0.008 * H),
    { at: ankle, r: 0.019 * H },
  ])
  return [
    { key: `${side}-foot`, ring: foot, near: near + 0.001, tone: 'leg', side },
    { key: `${side}-shank`, ring: shank, near, tone: 'leg', side },
    { key: `${side}-thigh`, ring: thigh, near: near + 0.002, tone: 'leg', side },
  ]
}

function drawArm({ joints, body }: Pose, view: View, side: Side): Part[] {
  const H = body.stature
  const [shoulder, elbow] = [joints[`${side}Shoulder`], joints[`${side}Elbow`]]
  const [wrist, knuckle] = [joints[`${side}Wrist`], joints[`${side}Knuckle`]]
  const near = nearness(view, mix(shoulder, wrist, 0.4))
  const fingers = mix(wrist, knuckle, 1.7)
  return [
    {
      key: `${side}-upper-arm`,
      ring: limb(view, { at: shoulder, r: RADII.shoulder * H }, { at: elbow, r: RADII.elbow * H }),
      near,
      tone: 'arm',
      side,
    },
    {
      key: `${side}-forearm`,
      ring: limb(view, { at: elbow, r: RADII.elbow * H }, { at: wrist, r: RADII.wrist * H }),
      near: near + 0.001,
      tone: 'arm',
      side,
    },
    {
      key: `${side}-hand`,
      ring: outline(view, [
        { at: wrist, r: 0.014 * H },
        { at: knuckle, r: 0.02 * H },
        { at: fingers, r: 0.009 * H },
      ]),
      near: near + 0.002,
      tone: 'head',
      side,
    },
  ]
}

/** Each height of the trunk is an ellipse, turned from the pelvis' heading to the shoulders'; seen, it has a width. */
function drawTrunk(pose: Pose, view: View): Part {
  const { joints, body, stance } = pose
  const H = body.stature
  const { pelvis, suprasternal } = joints
  const along = body.suprasternalAbove
  const up: Vec3 = [0, 1, 2].map(
    (i) => ((suprasternal[i] as number) - (pelvis[i] as number)) / along,
  ) as unknown as Vec3
  const left: Vec2[] = []
  const right: Vec2[] = []
  for (const { above, wide, deep } of TRUNK) {
    const t = Math.min(1, Math.max(0, (above * H) / along))
    const yaw = stance.pelvisYaw + stance.trunk.yaw * t
    const belly = body.trunkShift * 1.6 * Math.max(0, 1 - Math.abs(above - 0.08) / 0.14)
    const across = -Math.cos(yaw) * view.cos + Math.sin(yaw) * view.sin
    const ahead = Math.sin(yaw) * view.cos + Math.cos(yaw) * view.sin
    const half = Math.hypot(wide * H * across, (deep * H + belly / 2) * ahead)
    const centre: Vec3 = [0, 1, 2].map((i) => (pelvis[i] as number) + (up[i] as number) * above * H) as unknown as Vec3
    const [cx, cy] = see(view, centre)
    const shift = (belly / 2) * ahead
    left.push([cx - half + shift, cy])
    right.unshift([cx + half + shift, cy])
  }
  return {
    key: 'trunk',
    ring: [...left, ...right],
    near: nearness(view, mix(pelvis, suprasternal, 0.5)),
    tone: 'trunk',
  }
}

function drawHead({ joints, body, stance }: Pose, view: View): Part[] {
  const H = body.stature
  const { vertex, c7 } = joints
  const centre = mix(vertex, c7, 0.47)
  const yaw = stance.pelvisYaw + stance.trunk.yaw
  const ahead = Math.abs(Math.sin(yaw) * view.cos + Math.cos(yaw) * view.sin)
  const across = Math.abs(-Math.cos(yaw) * view.cos + Math.sin(yaw) * view.sin)
  const rx = Math.hypot(0.046 * H * across, 0.056 * H * ahead)
  const ry = 0.066 * H
  const [cx, cy] = see(view, centre)
  const facing = Math.sin(yaw) * view.cos + Math.cos(yaw) * view.sin
  const ring = Array.from({ length: 36 }, (_, i): Vec2 => {
    const turn = (2 * Math.PI * i) / 36
    // The jaw is narrower than the crown and a little ahead of it.
    const jaw = Math.sin(turn) < 0 ? 1 + 0.16 * Math.sin(turn) : 1
    const chin = Math.sin(turn) < 0 ? -0.1 * rx * Math.sin(turn) * facing : 0
    return [cx + rx * jaw * Math.cos(turn) + chin, cy + ry * Math.sin(turn)]
  })
  const near = nearness(view, centre)
  const neck = outline(view, [
    { at: c7, r: 0.03 * H },
    { at: mix(c7, vertex, 0.4), r: 0.028 * H },
  ])
  return [
    { key: 'neck', ring: neck, near: near - 0.01, tone: 'head' },
    { key: 'head', ring, near: near + 0.01, tone: 'head' },
  ]
}
