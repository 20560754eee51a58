import { DEG, SIDES, type Vec2 } from '../conventions'
import type { Ring } from '../geometry/polygon'
import type { Pose } from '../pose/pose'
import type { PlacedFoot } from '../stance/foot'
import type { Base, Corner } from './base'
import { type EdgeView, findNearestEdge } from './margins'

/** Standard deviations of what a stance is given by. House defaults. */
export const INPUT_SD = {
  shareFelt: 0.05,
  shareWeighed: 0.01,
  pressureAlong: 0.04,
  pressureAcross: 0.05,
  placeM: 0.01,
  turn: 3 * DEG,
  bodyMass: 0.1,
  bodyCentre: 0.04,
  trunkForeAftM: 0.015,
} as const

/** One-sided 95 %: how many standard deviations the assured margin gives away. */
const ASSURED_SDS = 1.64

const CAUSES = ['share', 'pressure', 'placing', 'usable', 'body'] as const
export type Cause = (typeof CAUSES)[number]
export type SdParts = Record<Cause, number>

export type Assured = {
  /** The least over the edges of (distance - 1.64 σ). */
  margin: number
  /** σ of the edge that decides it, and its parts by cause. */
  sd: number
  parts: SdParts
  /** Index of that edge in the base's corners. */
  edge: number
  /** The part of the uncertainty that moves the centre, along x and y. */
  centreSd: Vec2
}

/** What one input moves, a standard deviation at a time: the centre, and each foot's part of the base. */
type Input = {
  cause: Cause
  cx: number
  cy: number
  /** How a corner of the left and of the right foot's part moves. */
  left: ((corner: Vec2) => Vec2) | null
  right: ((corner: Vec2) => Vec2) | null
}

/**
 * The margin that is there even if the inputs are off: for each edge by itself the slope of its distance for each
 * input, centre and base moving together, the rest of the pose held. The slopes are closed: an edge's distance
 * follows its nearest point, which follows its two corners.
 */
export function calcAssured(pose: Pose, base: Base, views: readonly EdgeView[]): Assured {
  const inputs = pose.stance.seat ? listBodyInputs(pose).concat(listBaseInputs(pose, 0)) : listFeetInputs(pose)
  const cornerMoves = inputs.map((input) => base.corners.map((corner) => moveCorner(input, base, corner)))
  const nearest = findNearestEdge(views)
  const outside = (views[nearest] as EdgeView).distance < 0
  let best: Assured | null = null
  for (let e = outside ? nearest : 0; e < (outside ? nearest + 1 : views.length); e++) {
    const { distance, t, nx, ny } = views[e] as EdgeView
    const next = e + 1 === base.corners.length ? 0 : e + 1
    const squares: SdParts = { share: 0, pressure: 0, placing: 0, usable: 0, body: 0 }
    let square = 0
    for (let k = 0; k < inputs.length; k++) {
      const input = inputs[k] as Input
      const a = (cornerMoves[k] as Vec2[])[e] as Vec2
      const b = (cornerMoves[k] as Vec2[])[next] as Vec2
      const slope = nx * (input.cx - (1 - t) * a[0] - t * b[0]) + ny * (input.cy - (1 - t) * a[1] - t * b[1])
      squares[input.cause] += slope * slope
      square += slope * slope
    }
    const sd = Math.sqrt(square)
    const margin = distance - ASSURED_SDS * sd
    if (!best || margin < best.margin) best = { margin, sd, parts: squares, edge: e, centreSd: [0, 0] }
  }
  const { parts, ...rest } = best as Assured
  for (const cause of CAUSES) parts[cause] = Math.sqrt(parts[cause])
  return { ...rest, parts, centreSd: [rootSum(inputs, 'cx'), rootSum(inputs, 'cy')] }
}

const rootSum = (inputs: Input[], key: 'cx' | 'cy') => Math.sqrt(inputs.reduce((sum, i) => sum + i[key] ** 2, 0))

const NOWHERE: Vec2 = [0, 0]

function moveCorner(input: Input, base: Base, corner: Corner): Vec2 {
  const l = input.left && corner.il >= 0 ? input.left((base.left as Ring)[corner.il] as Vec2) : NOWHERE
  const r = input.right && corner.ir >= 0 ? input.right((base.right as Ring)[corner.ir] as Vec2) : NOWHERE
  return [corner.wl * l[0] + corner.wr * r[0], corner.wl * l[1] + corner.wr * r[1]]
}

/** Standing, the centre is where the split and the pressure points put it. */
function listFeetInputs(pose: Pose): Input[] {
  const { left, right } = pose.feet
  const w = pose.loadLeft
  const felt = pose.stance.loadMeasured ? INPUT_SD.shareWeighed : INPUT_SD.shareFelt
  const share = Math.min(felt, w, 1 - w)
  const inputs: Input[] = [
    { cause: 'share', cx: share * (left.px - right.px), cy: share * (left.py - right.py), left: null, right: null },
  ]
  for (const side of SIDES) {
    const foot = pose.feet[side]
    const load = side === 'left' ? w : 1 - w
    const along = load * INPUT_SD.pressureAlong * foot.length
    const across = load * INPUT_SD.pressureAcross * foot.breadth
    inputs.push({ cause: 'pressure', cx: along * foot.ux, cy: along * foot.uy, left: null, right: null })
    inputs.push({ cause: 'pressure', cx: across * foot.vx, cy: across * foot.vy, left: null, right: null })
  }
  return inputs.concat(listBaseInputs(pose, 1))
}

/** Where the feet are set and how much of them is usable; a foot carries `withCentre` of its share of the centre. */
function listBaseInputs(pose: Pose, withCentre: 0 | 1): Input[] {
  const inputs: Input[] = []
  const { placeM, turn } = INPUT_SD
  for (const side of SIDES) {
    const foot = pose.feet[side]
    const load = withCentre * (side === 'left' ? pose.loadLeft : 1 - pose.loadLeft)
    const moved = (move: (corner: Vec2) => Vec2): Input => {
      const [cx, cy] = move([foot.px, foot.py])
      const on = { left: side === 'left' ? move : null, right: side === 'right' ? move : null }
      return { cause: 'placing', cx: load * cx, cy: load * cy, ...on }
    }
    inputs.push(moved(() => [placeM, 0]))
    inputs.push(moved(() => [0, placeM]))
    inputs.push(moved(([x, y]) => [-turn * (y - foot.hy), turn * (x - foot.hx)]))
  }
  const { usableAlong, usableAlongSd, usableAcross, usableAcrossSd } = pose.body
  const stretch = (along: boolean, relative: number): Input => {
    const on = (foot: PlacedFoot) => (foot.part ? stretchAbout(foot, along, relative) : null)
    return { cause: 'usable', cx: 0, cy: 0, left: on(pose.feet.left), right: on(pose.feet.right) }
  }
  inputs.push(stretch(true, usableAlongSd / usableAlong), stretch(false, usableAcrossSd / usableAcross))
  return inputs
}

/** A usable part grows about its bearing part's centroid, along or across the foot. */
function stretchAbout(foot: PlacedFoot, along: boolean, relative: number): (corner: Vec2) => Vec2 {
  const [cu, cv] = (foot.part as NonNullable<PlacedFoot['part']>).centroid
  const x = foot.hx + cu * foot.length * foot.ux + cv * foot.breadth * foot.vx
  const y = foot.hy + cu * foot.length * foot.uy + cv * foot.breadth * foot.vy
  const ax = along ? foot.ux : foot.vx
  const ay = along ? foot.uy : foot.vy
  return ([px, py]) => {
    const out = relative * ((px - x) * ax + (py - y) * ay)
    return [out * ax, out * ay]
  }
}

/** Seated, the centre follows from the body: segment masses and centres, left and right sharing one error. */
function listBodyInputs(pose: Pose): Input[] {
  const [cx, cy] = pose.centre
  const total = pose.body.mass
  const byKind = new Map<string, Input[]>()
  for (const { name, mass, centre, from, to } of pose.segments) {
    const kind = name.replace(/^(left|right)/, '').toLowerCase()
    const share = mass / total
    const a = pose.joints[from]
    const b = pose.joints[to]
    const alongX = INPUT_SD.bodyCentre * share * (b[0] - a[0])
    const alongY = INPUT_SD.bodyCentre * share * (b[1] - a[1])
    const massX = INPUT_SD.bodyMass * share * (centre[0] - cx)
    const massY = INPUT_SD.bodyMass * share * (centre[1] - cy)
    const pair = byKind.get(kind) ?? [bodyInput(0, 0), bodyInput(0, 0)]
    const [m, c] = pair as [Input, Input]
    byKind.set(kind, [bodyInput(m.cx + massX, m.cy + massY), bodyInput(c.cx + alongX, c.cy + alongY)])
  }
  const trunk = pose.body.segments.trunk.mass * INPUT_SD.trunkForeAftM
  const yaw = pose.stance.pelvisYaw + pose.stance.trunk.yaw
  const foreAft = bodyInput(-trunk * Math.sin(yaw), trunk * Math.cos(yaw))
  return [...byKind.values()].flat().concat(foreAft)
}

const bodyInput = (cx: number, cy: number): Input => ({ cause: 'body', cx, cy, left: null, right: null })
