import { bySide, type Side, type Vec2, type Vec3 } from '../conventions'
import type { Pose } from '../pose/pose'

/** A camera beside somebody: which side it looks at, how far and how high, turned about the upright, tipped down, held askew. */
export type Camera = { side: Side; away: number; height: number; turned: number; down: number; askew: number }

/** A ball of the body: where, how large, and what of it one would point at; 0 is only skin. */
type Ball = { at: Vec3; radius: number; is: number }

const WIDTH = 700
const HEIGHT = 1000
const FOCAL = 850
const SKIN = 0

/** What is seen of a joint: the ball that stands out a little from the limb. */
const MARKED = ['ankle', 'knee', 'hip', 'shoulder', 'heel', 'toe', 'plumbTop', 'plumbFoot'] as const
export type Marked = (typeof MARKED)[number]

const between = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
]

/** A limb as balls one beside another, thinner toward its end. */
const limb = (a: Vec3, b: Vec3, from: number, to: number): Ball[] =>
  Array.from({ length: 50 }, (_, i) => ({
    at: between(a, b, i / 49),
    radius: from + ((to - from) * i) / 49,
    is: SKIN,
  }))

/** The body of a pose in balls, with the joints of one side marked, and a line that hangs behind it. */
function build({ joints, feet, body }: Pose, side: Side): Ball[] {
  const of = bySide((one) => {
    const { hx, hy, ux, uy } = feet[one]
    const toe: Vec3 = [hx + ux * body.footLength, hy + uy * body.footLength, 0.02]
    return {
      toe,
      heel: [hx, hy, 0.02] as Vec3,
      ankle: joints[`${one}Ankle`],
      knee: joints[`${one}Knee`],
      hip: joints[`${one}Hip`],
      shoulder: joints[`${one}Shoulder`],
      elbow: joints[`${one}Elbow`],
      wrist: joints[`${one}Wrist`],
    }
  })
  const skin = (['left', 'right'] as const).flatMap((one) => {
    const { toe, heel, ankle, knee, hip, shoulder, elbow, wrist } = of[one]
    return [
      ...limb(heel, toe, 0.03, 0.02),
      ...limb(heel, ankle, 0.03, 0.035),
      ...limb(ankle, knee, 0.035, 0.05),
      ...limb(knee, hip, 0.05, 0.075),
      ...limb(shoulder, elbow, 0.045, 0.035),
      ...limb(elbow, wrist, 0.035, 0.025),
    ]
  })
  const trunk = limb(joints.pelvis, joints.suprasternal, 0.1, 0.1)
  const head = limb(joints.suprasternal, joints.vertex, 0.06, 0.08)
  const mark = (name: Marked, at: Vec3, radius: number): Ball => ({ at, radius, is: MARKED.indexOf(name) + 1 })
  const { toe, heel, ankle, knee, hip, shoulder } = of[side]
  // What hangs is beside the body, where a door's edge would be.
  const x = hip[0]
  return [
    ...skin,
    ...trunk,
    ...head,
    mark('ankle', ankle, 0.045),
    mark('knee', knee, 0.06),
    mark('hip', hip, 0.085),
    mark('shoulder', shoulder, 0.055),
    mark('heel', heel, 0.035),
    mark('toe', toe, 0.028),
    mark('plumbTop', [x, 0.55, 1.75], 0.02),
    mark('plumbFoot', [x, 0.55, 0.15], 0.02),
  ]
}

/** Where a point of the floor frame comes to lie on the picture, and how far it is from the camera. */
function project([x, y, z]: Vec3, { side, away, height, turned, down, askew }: Camera): { at: Vec2; depth: number } {
  // From their right what is ahead of them lies to the right of the picture, from their left to the left.
  const way = side === 'right' ? 1 : -1
  const [dx, dy] = [away - way * x, way * y]
  const level = dx * Math.cos(turned) + dy * Math.sin(turned)
  const across = dy * Math.cos(turned) - dx * Math.sin(turned)
  const above = z - height
  const depth = level * Math.cos(down) - above * Math.sin(down)
  const [u, v] = [(FOCAL * across) / depth, (-FOCAL * (above * Math.cos(down) + level * Math.sin(down))) / depth]
  const turnedBy: Vec2 = [u * Math.cos(askew) - v * Math.sin(askew), u * Math.sin(askew) + v * Math.cos(askew)]
  return { at: [WIDTH / 2 + turnedBy[0], HEIGHT / 2 + turnedBy[1]], depth }
}

export type Picture = { width: number; height: number; pixels: Uint8Array }

/** Renders a pose in perspective, the nearer before the farther: a number a pixel, for what is seen there; 255 is nothing. */
export function renderBody(pose: Pose, camera: Camera): Picture {
  const pixels = new Uint8Array(WIDTH * HEIGHT).fill(255)
  const near = new Float64Array(WIDTH * HEIGHT).fill(Number.POSITIVE_INFINITY)
  for (const { at, radius, is } of build(pose, camera.side)) {
    const { at: middle, depth } = project(at, camera)
    const large = (FOCAL * radius) / depth
    for (let y = Math.max(0, Math.ceil(middle[1] - large)); y <= Math.min(HEIGHT - 1, middle[1] + large); y++)
      for (let x = Math.max(0, Math.ceil(middle[0] - large)); x <= Math.min(WIDTH - 1, middle[0] + large); x++) {
        const off = (x - middle[0]) ** 2 + (y - middle[1]) ** 2
        if (off > large * large) continue
        const surface = depth - radius * Math.sqrt(1 - off / (large * large))
        const place = y * WIDTH + x
        if (surface >= (near[place] as number)) continue
        near[place] = surface
        pixels[place] = is
      }
  }
  return { width: WIDTH, height: HEIGHT, pixels }
}

/** Where one would point at what is marked: the middle of what is seen of it, to whole pixels; null where too little is. */
export function pointAt({ width, pixels }: Picture, name: Marked): Vec2 | null {
  const is = MARKED.indexOf(name) + 1
  let [sumX, sumY, count] = [0, 0, 0]
  pixels.forEach((seen, place) => {
    if (seen !== is) return
    sumX += place % width
    sumY += Math.floor(place / width)
    count++
  })
  return count < 12 ? null : [Math.round(sumX / count), Math.round(sumY / count)]
}
