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
  const range = { low: 0, high: 1 }
  for (const ring of [leftRing, rightRing]) clipByEdges(range, ring, 1, leftRing, rightRing, places)
  if (places.length > 1) clipByEdges(range, places, -1, leftRing, rightRing, places)
  const { low, high } = range
  return low <= high + 1e-9 ? [Math.min(low, high), Math.max(low, high)] : null
}

/** For each edge of a ring, the shares that its outward normal (times `sign`) leaves: need <= w · slope. */
function clipByEdges(
  range: { low: number; high: number },
  ring: Ring,
  sign: 1 | -1,
  left: Ring,
  right: Ring,
  places: Ring,
): void {
  for (let i = 0; i < ring.length; i++) {
    const a = ring[i] as Vec2
    const b = ring[i + 1 === ring.length ? 0 : i + 1] as Vec2
    const nx = sign * (b[1] - a[1])
    const ny = sign * (a[0] - b[0])
    const atRight = reach(right, nx, ny)
    const slope = reach(left, nx, ny) - atRight
    const need = -reach(places, -nx, -ny) - atRight
    if (slope > 1e-15) range.low = Math.max(range.low, need / slope)
    else if (slope < -1e-15) range.high = Math.min(range.high, need / slope)
    else if (need > 1e-12) range.high = -1
  }
}

function reach(ring: Ring, nx: number, ny: number): number {
  let most = Number.NEGATIVE_INFINITY
  for (let i = 0; i < ring.length; i++) {
    const point = ring[i] as Vec2
    const along = nx * point[0] + ny * point[1]
    if (along > most) most = along
  }
  return most
}

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
