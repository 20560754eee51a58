import { directionVector, type Vec2 } from '../conventions'
import type { Ring } from '../geometry/polygon'
import { calcHull } from '../geometry/polygon'
import { layOnFloor } from '../stance/foot'
import type { Footing } from '../stance/footing'
import { isPressed } from '../stance/stance'

/** The shares on the left foot, of the feet's load, with which the centre can be held where it is; 0 to 1. */
export type PossibleSplit = readonly [number, number]

/**
 * Every share w for which the centre is w of a point in the left bearing part and 1 - w of one in the right, hands
 * taking anything up to what they may. Two convex sets meet unless one of their edge normals parts them, and for
 * each normal the condition is linear in w: so the interval comes from clipping, with no search.
 * Null where no share holds it, and seated, where the seat may carry any part.
 */
export function calcPossibleSplit(footing: Footing): PossibleSplit | null {
  if (footing.stance.seat) return null
  const { left, right } = footing.feet
  if (!left.part || !right.part) return left.part ? [1, 1] : [0, 0]
  const leftRing = layOnFloor(left, left.part.ring)
  const rightRing = layOnFloor(right, right.part.ring)
  const places = listFeetCentres(footing)
  let low = 0
  let high = 1
  const clip = (nx: number, ny: number) => {
    const atLeft = reach(leftRing, nx, ny)
    const slope = atLeft - reach(rightRing, nx, ny)
    const need = -reach(places, -nx, -ny) - reach(rightRing, nx, ny)
    // need <= w · slope
    if (slope > 1e-15) low = Math.max(low, need / slope)
    else if (slope < -1e-15) high = Math.min(high, need / slope)
    else if (need > 1e-12) high = -1
  }
  for (const [nx, ny] of listNormals(leftRing)) clip(nx, ny)
  for (const [nx, ny] of listNormals(rightRing)) clip(nx, ny)
  if (places.length > 1) for (const [nx, ny] of listNormals(places)) clip(-nx, -ny)
  return low <= high + 1e-9 ? [Math.min(low, high), Math.max(low, high)] : null
}

const reach = (ring: Ring, nx: number, ny: number): number => {
  let most = Number.NEGATIVE_INFINITY
  for (const [x, y] of ring) most = Math.max(most, nx * x + ny * y)
  return most
}

/** Outward normals of a counter-clockwise ring; of two points, both sides of their line. */
const listNormals = (ring: Ring): Vec2[] =>
  ring.map(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length] as Vec2
    return [by - ay, ax - bx]
  })

/** Where the feet's own centre of pressure may be, hands taking or giving all that they may: a convex ring. */
function listFeetCentres(footing: Footing): Ring {
  let places = [{ x: footing.centre[0], y: footing.centre[1], rest: 1 }]
  for (const support of footing.stance.supports) {
    const f = support.maxLoad
    const [nx, ny] = directionVector(support.toward ?? 0)
    const shift = f * support.at[2]
    const moved = places.map((p) =>
      isPressed(support)
        ? { x: p.x - f * support.at[0], y: p.y - f * support.at[1], rest: p.rest - f }
        : { x: p.x + p.rest * shift * nx, y: p.y + p.rest * shift * ny, rest: p.rest },
    )
    places = places.concat(moved)
  }
  return calcHull(places.map((p) => ({ x: p.x / p.rest, y: p.y / p.rest }))).map((p): Vec2 => [p.x, p.y])
}
