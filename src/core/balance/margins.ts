import { directionOf, directionVector, type Vec2 } from '../conventions'
import { calcRay } from '../geometry/polygon'
import { clamp } from '../numeric/clamp'

type Point = { x: number; y: number }

/** Distances from the projected centre to a base: metres, positive inside; rays are 0 from outside. */
export type Margins = {
  nearest: number
  /** To the nearest edge point, counter-clockwise from forward. */
  nearestDirection: number
  forward: number
  back: number
  left: number
  right: number
}

export const ROSE_RAYS = 72

/** One edge of a base as seen from a point. */
export type EdgeView = {
  /** To the edge between its two corners; negative where the point is outside this edge. */
  distance: number
  /** The nearest point of the edge, as a fraction from its first corner to its second. */
  t: number
  /** Unit vector from the nearest point toward the inside. */
  nx: number
  ny: number
}

/** How an edge from a to b (counter-clockwise) lies from a point. */
export function viewEdge(a: Point, b: Point, x: number, y: number): EdgeView {
  const ex = b.x - a.x
  const ey = b.y - a.y
  const square = ex * ex + ey * ey
  const t = clamp(((x - a.x) * ex + (y - a.y) * ey) / square, 0, 1)
  const dx = x - a.x - t * ex
  const dy = y - a.y - t * ey
  const inside = ex * (y - a.y) - ey * (x - a.x) >= 0
  const distance = Math.sqrt(dx * dx + dy * dy)
  const length = Math.sqrt(square)
  if (distance < 1e-12) return { distance: 0, t, nx: -ey / length, ny: ex / length }
  const sign = inside ? 1 : -1
  return { distance: sign * distance, t, nx: (sign * dx) / distance, ny: (sign * dy) / distance }
}

/**
 * The index of the edge that decides: the nearest one from inside; from outside, the nearest of those that the
 * point is beyond.
 */
export function findNearestEdge(views: readonly EdgeView[]): number {
  let best = -1
  let outside = false
  for (let i = 0; i < views.length; i++) {
    const { distance } = views[i] as EdgeView
    if (distance < 0) {
      if (!outside || distance > (views[best] as EdgeView).distance) best = i
      outside = true
    } else if (!outside && (best < 0 || distance < (views[best] as EdgeView).distance)) best = i
  }
  return best
}

export const viewEdges = (ring: readonly Point[], [x, y]: Vec2): EdgeView[] =>
  ring.map((a, i) => viewEdge(a, ring[i + 1 === ring.length ? 0 : i + 1] as Point, x, y))

/** Margins of a centre on a base (a convex counter-clockwise ring). Floor frame. */
export function calcMargins(ring: readonly Point[], centre: Vec2, views = viewEdges(ring, centre)): Margins {
  const { distance, nx, ny } = views[findNearestEdge(views)] as EdgeView
  const [x, y] = centre
  return {
    nearest: distance,
    nearestDirection: distance >= 0 ? directionOf(-nx, -ny) : directionOf(nx, ny),
    forward: calcRay(ring, x, y, 0, 1),
    back: calcRay(ring, x, y, 0, -1),
    left: calcRay(ring, x, y, -1, 0),
    right: calcRay(ring, x, y, 1, 0),
  }
}

/**
 * From the centre to the nearer side of a base: what a nudge from the side meets. 0 from outside.
 * @returns metres
 */
export const calcSideways = (ring: readonly Point[], [x, y]: Vec2): number =>
  Math.min(calcRay(ring, x, y, -1, 0), calcRay(ring, x, y, 1, 0))

const RAYS = Array.from({ length: ROSE_RAYS }, (_, i) => directionVector((i * 2 * Math.PI) / ROSE_RAYS))
const RAY_X = Float64Array.from(RAYS, ([x]) => x)
const RAY_Y = Float64Array.from(RAYS, ([, y]) => y)

/**
 * Distance to the edge along 72 directions, from forward, counter-clockwise, from inside the base. Each edge's normal
 * and gap are computed once for all rays: this is half the time of an analysis otherwise.
 */
export function calcRose(ring: readonly Point[], [x, y]: Vec2): number[] {
  const rose = new Array<number>(ROSE_RAYS).fill(Number.POSITIVE_INFINITY)
  for (let e = 0; e < ring.length; e++) {
    const a = ring[e] as Point
    const b = ring[e + 1 === ring.length ? 0 : e + 1] as Point
    const nx = b.y - a.y
    const ny = a.x - b.x
    const gap = nx * (a.x - x) + ny * (a.y - y)
    for (let i = 0; i < ROSE_RAYS; i++) {
      const approach = nx * (RAY_X[i] as number) + ny * (RAY_Y[i] as number)
      if (approach > 0 && gap < (rose[i] as number) * approach) rose[i] = gap / approach
    }
  }
  return rose
}
