import { DEG, SIDES, type Vec2 } from '../conventions'
import { lengthOf } from '../geometry/vector'
import type { Pose } from '../pose/pose'
import type { PlacedFoot } from '../stance/foot'
import { type Footing, shareOf } from '../stance/footing'
import type { Stance } from '../stance/stance'
import type { Corner } from './base'
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
export const ASSURED_SDS = 1.64

/** The uncertainty of a margin by its cause, metres. `body` is there only seated, where the centre follows from it. */
export type SdParts = { share: number; pressure: number; placing: number; usable: number; body: number }
export type Cause = keyof SdParts

export type Assured = {
  /** The least over the edges of (distance - 1.64 σ). */
  margin: number
  /** σ of the edge that decides it. */
  sd: number
  parts: SdParts
  /** Index of that edge in the base's corners. */
  edge: number
}

/**
 * The margin that is there even if the inputs are off: for each edge by itself the slope of its distance for each
 * input, centre and base moving together, the rest of the pose held. The slopes are closed: an edge's distance
 * follows its nearest point, which follows its two corners. `bodyErrors` are what moves the centre of a seated body.
 */
export function calcAssured(
  footing: Footing,
  corners: readonly Corner[],
  views: readonly EdgeView[],
  bodyErrors: readonly Vec2[] | null = null,
): Assured {
  const nearest = findNearestEdge(views)
  const weigh = (edge: number): Assured => {
    const parts = calcEdgeVariances(footing, corners, views, edge, bodyErrors)
    const sd = Math.sqrt(parts.share + parts.pressure + parts.placing + parts.usable + parts.body)
    return { margin: (views[edge] as EdgeView).distance - ASSURED_SDS * sd, sd, parts, edge }
  }
  let best = weigh(nearest)
  if ((views[nearest] as EdgeView).distance >= 0) {
    const most = bodyErrors ? Number.POSITIVE_INFINITY : ASSURED_SDS * calcMostSd(footing)
    for (let edge = 0; edge < views.length; edge++) {
      // An edge so far off cannot be the one that decides.
      if (edge === nearest || (views[edge] as EdgeView).distance >= best.margin + most) continue
      const one = weigh(edge)
      if (one.margin < best.margin) best = one
    }
  }
  for (const cause of Object.keys(best.parts) as Cause[]) best.parts[cause] = Math.sqrt(best.parts[cause])
  return best
}

/** More than any edge's distance is unsure by: each cause at its most, for feet of this size and this far apart. */
function calcMostSd({ body, feet, stance }: Footing): number {
  const { footLength: L, footBreadth: B } = body
  const apart = lengthOf(feet.left.px - feet.right.px, feet.left.py - feet.right.py)
  const share = calcShareSd(stance) * apart
  const pressure = body.feltSd * lengthOf(INPUT_SD.pressureAlong * L, INPUT_SD.pressureAcross * B)
  const turn = 2 * INPUT_SD.turn * lengthOf(L, B)
  const usable = lengthOf(body.usableAlongSd * L, body.usableAcrossSd * B)
  const placing = body.feltSd ** 2 * (2 * INPUT_SD.placeM ** 2 + turn ** 2)
  return Math.sqrt(share ** 2 + pressure ** 2 + placing + usable ** 2)
}

/** How well the split is known, but never more than the lighter foot's own share. */
const calcShareSd = ({ loadMeasured, loadLeft }: Stance): number =>
  Math.min(loadMeasured ? INPUT_SD.shareWeighed : INPUT_SD.shareFelt, loadLeft, 1 - loadLeft)

/** The variances of one edge's distance, by cause. */
function calcEdgeVariances(
  footing: Footing,
  corners: readonly Corner[],
  views: readonly EdgeView[],
  e: number,
  bodyErrors: readonly Vec2[] | null,
): SdParts {
  const { t, nx, ny } = views[e] as EdgeView
  const a = corners[e] as Corner
  const b = corners[e + 1 === corners.length ? 0 : e + 1] as Corner
  const { body } = footing
  const parts = calcCentreVariances(footing, nx, ny, bodyErrors)
  let along = 0
  let across = 0
  for (const side of SIDES) {
    const foot = footing.feet[side]
    const left = side === 'left'
    // How much of this foot is in the edge's nearest point, and where that part of it stands.
    const wa = (1 - t) * (left ? a.ofLeft : a.ofRight)
    const wb = t * (left ? b.ofLeft : b.ofRight)
    const weight = wa + wb
    const pa = left ? a.left : a.right
    const pb = left ? b.left : b.right
    const qx = wa * pa[0] + wb * pb[0]
    const qy = wa * pa[1] + wb * pb[1]
    const load = bodyErrors ? 0 : shareOf(footing.stance, side)
    const off = load - weight
    const armX = load * (foot.px - foot.hx) - (qx - weight * foot.hx)
    const armY = load * (foot.py - foot.hy) - (qy - weight * foot.hy)
    const turn = INPUT_SD.turn * (ny * armX - nx * armY)
    parts.placing += (INPUT_SD.placeM * off) ** 2 + turn * turn
    if (weight === 0 || !foot.part) continue
    const [cu, cv] = foot.part.centroid
    const fromX = qx - weight * (foot.hx + cu * foot.length * foot.ux + cv * foot.breadth * foot.vx)
    const fromY = qy - weight * (foot.hy + cu * foot.length * foot.uy + cv * foot.breadth * foot.vy)
    along += (nx * foot.ux + ny * foot.uy) * (fromX * foot.ux + fromY * foot.uy)
    across += (nx * foot.vx + ny * foot.vy) * (fromX * foot.vx + fromY * foot.vy)
  }
  const alongSd = (along * body.usableAlongSd) / body.usableAlong
  const acrossSd = (across * body.usableAcrossSd) / body.usableAcross
  parts.usable = alongSd * alongSd + acrossSd * acrossSd
  parts.placing *= body.feltSd ** 2
  return parts
}

/** What moves the centre along a direction, by cause, the base held; placing is left to the caller. */
function calcCentreVariances(
  { body, feet, stance }: Footing,
  nx: number,
  ny: number,
  bodyErrors: readonly Vec2[] | null,
): SdParts {
  const parts = { share: 0, pressure: 0, placing: 0, usable: 0, body: 0 }
  if (bodyErrors) {
    for (const [x, y] of bodyErrors) parts.body += (nx * x + ny * y) ** 2
    return parts
  }
  const { left, right } = feet
  parts.share = (calcShareSd(stance) * (nx * (left.px - right.px) + ny * (left.py - right.py))) ** 2
  parts.pressure = calcPressureVariance(left, stance.loadLeft, nx, ny)
  parts.pressure += calcPressureVariance(right, 1 - stance.loadLeft, nx, ny)
  parts.pressure *= body.feltSd ** 2
  return parts
}

function calcPressureVariance(foot: PlacedFoot, load: number, nx: number, ny: number): number {
  const along = load * INPUT_SD.pressureAlong * foot.length * (nx * foot.ux + ny * foot.uy)
  const across = load * INPUT_SD.pressureAcross * foot.breadth * (nx * foot.vx + ny * foot.vy)
  return along * along + across * across
}

/** The part of the uncertainty that moves the centre, along x and y: metres. `bodyErrors` as for `calcAssured`. */
export const calcCentreSd = (footing: Footing, bodyErrors: readonly Vec2[] | null = null): Vec2 => [
  calcCentreSdAlong(footing, 1, 0, bodyErrors),
  calcCentreSdAlong(footing, 0, 1, bodyErrors),
]

function calcCentreSdAlong(footing: Footing, nx: number, ny: number, bodyErrors: readonly Vec2[] | null): number {
  const parts = calcCentreVariances(footing, nx, ny, bodyErrors)
  if (!bodyErrors) {
    for (const side of SIDES) {
      const foot = footing.feet[side]
      const load = shareOf(footing.stance, side)
      const turn = INPUT_SD.turn * load * (ny * (foot.px - foot.hx) - nx * (foot.py - foot.hy))
      parts.placing += footing.body.feltSd ** 2 * ((INPUT_SD.placeM * load) ** 2 + turn * turn)
    }
  }
  return Math.sqrt(parts.share + parts.pressure + parts.placing + parts.body)
}

/**
 * What moves the centre of a body whose pose is given: segment masses, segment centres along their segments, the
 * trunk's centre fore and aft; left and right share one error. One standard deviation each, in the floor plane.
 */
export function listBodyErrors(pose: Pose): Vec2[] {
  const [cx, cy] = pose.centre
  const byKind = new Map<string, { mass: [number, number]; centre: [number, number] }>()
  for (const { name, mass, centre, from, to } of pose.segments) {
    const kind = name.replace(/^(left|right)/, '').toLowerCase()
    const errors = byKind.get(kind) ?? { mass: [0, 0], centre: [0, 0] }
    const share = mass / pose.body.mass
    errors.mass[0] += INPUT_SD.bodyMass * share * (centre[0] - cx)
    errors.mass[1] += INPUT_SD.bodyMass * share * (centre[1] - cy)
    errors.centre[0] += INPUT_SD.bodyCentre * share * (pose.joints[to][0] - pose.joints[from][0])
    errors.centre[1] += INPUT_SD.bodyCentre * share * (pose.joints[to][1] - pose.joints[from][1])
    byKind.set(kind, errors)
  }
  const trunk = pose.body.segments.trunk.mass * INPUT_SD.trunkForeAftM
  const yaw = pose.stance.pelvisYaw + pose.stance.trunk.yaw
  const foreAft: Vec2 = [-trunk * Math.sin(yaw), trunk * Math.cos(yaw)]
  return [...byKind.values()].flatMap((errors): Vec2[] => [errors.mass, errors.centre]).concat([foreAft])
}
