import type { Vec2 } from '../conventions'
import { directionVector, otherSide, SIDES } from '../conventions'
import { InputError } from '../errors'
import { calcHull, isSlim, type Ring } from '../geometry/polygon'
import { layOnFloor } from '../stance/foot'
import { type Footing, isLight } from '../stance/footing'
import { isPressed } from '../stance/stance'

/**
 * A corner of a base, with what it is made of: so much of a point of the left foot's part and so much of one of the
 * right's, the rest from hands or a seat. The uncertainty needs to know what moves it.
 */
// A class, for the shares are now whole numbers and now not: literals of both kinds are turned into one another at
// every reading, which was a tenth of a path.
export class Corner {
  constructor(
    readonly x: number,
    readonly y: number,
    readonly ofLeft: number,
    readonly left: Vec2,
    readonly ofRight: number,
    readonly right: Vec2,
  ) {}
}

/** A convex base of support, counter-clockwise. */
export type Base = Corner[]

/** Something that carries weight: where, and how much of it at the most. */
type Carrier = { corners: Corner[]; most: number }

const SEAT_SIDE = 0.2
const SEAT_USABLE = 0.8
const SMALLEST_AREA = 1e-8

/** The hull of the bearing parts of both feet, with hands and seat. */
export const calcFullBase = (footing: Footing): Base => calcBase(footing, 'full')

/**
 * Where the person can bring their centre: the usable parts of the feet, within each leg's load limit, with what
 * hands may carry. The corners are those of the possible shares times those of the parts.
 * @throws InputError "person.limits.loadMaxPct" if no shares within the limits add to 1
 */
export const calcUsableBase = (footing: Footing): Base => calcBase(footing, 'usable')

/** Whether the same carries in the same places: then the usable base is the same. */
export const isBorneAlike = (a: Footing, b: Footing): boolean =>
  a.body === b.body &&
  a.stance.supports === b.stance.supports &&
  a.stance.seat === b.stance.seat &&
  SIDES.every((side) => {
    const [p, q] = [a.feet[side], b.feet[side]]
    if (p.part !== q.part || isLight(a, side) !== isLight(b, side)) return false
    return p.part === null || (p.hx === q.hx && p.hy === q.hy && p.ux === q.ux && p.uy === q.uy)
  })

const SUPPORTS_FROM = 0.85

/** The usable part of the one foot that carries 85 % or more; null where none does. */
export function calcSupportingBase(footing: Footing): Ring | null {
  if (footing.stance.seat) return null
  const side = footing.loadLeft >= SUPPORTS_FROM ? 'left' : 1 - footing.loadLeft >= SUPPORTS_FROM ? 'right' : null
  return side && layPart(footing, side, 'usable')
}

function layPart(footing: Footing, side: 'left' | 'right', extent: 'full' | 'usable'): Ring | null {
  const foot = footing.feet[side]
  if (!foot.part) return null
  const { usableAlong, usableAcross } = footing.body
  return extent === 'full'
    ? layOnFloor(foot, foot.part.ring)
    : layOnFloor(foot, foot.part.ring, foot.part.centroid, usableAlong, usableAcross)
}

function calcBase(footing: Footing, extent: 'full' | 'usable'): Base {
  const { stance, body } = footing
  const carriers: Carrier[] = []
  for (const side of SIDES) {
    const ring = layPart(footing, side, extent)
    if (!ring) continue
    const corners = ring.map(side === 'left' ? onLeft : onRight)
    carriers.push({ corners, most: extent === 'usable' && !isLight(footing, otherSide(side)) ? body.loadMax[side] : 1 })
  }
  if (stance.seat) {
    const half = (SEAT_SIDE * body.stature * (extent === 'usable' ? SEAT_USABLE : 1)) / 2
    carriers.push({ corners: square(stance.seat.at, half), most: 1 })
  }
  for (const support of stance.supports) {
    if (isPressed(support)) carriers.push({ corners: [still(support.at[0], support.at[1])], most: support.maxLoad })
  }
  const points = combine(carriers)
  if (points.length === 0) {
    const { left, right } = body.loadMax
    throw new InputError('person.limits.loadMaxPct', { left: left * 100, right: right * 100 }, { code: 'loads' })
  }
  const corners = calcHull(pushBack(footing, points))
  if (isSlim(corners, SMALLEST_AREA)) throw new InputError('stance.feet', null, { code: 'area' })
  return corners
}

const NOWHERE: Vec2 = [0, 0]
const still = (x: number, y: number): Corner => new Corner(x, y, 0, NOWHERE, 0, NOWHERE)
const onLeft = (point: Vec2): Corner => new Corner(point[0], point[1], 1, point, 0, NOWHERE)
const onRight = (point: Vec2): Corner => new Corner(point[0], point[1], 0, NOWHERE, 1, point)

const square = ([x, y]: Vec2, half: number): Corner[] => [
  still(x - half, y - half),
  still(x + half, y - half),
  still(x + half, y + half),
  still(x - half, y + half),
]

const NOTHING: readonly Corner[] = [still(0, 0)]

/** Every corner of the possible shares (all but one carrier at nothing or its most), times the carriers' corners. */
function combine(carriers: Carrier[]): Corner[] {
  const points: Corner[] = []
  const shares = new Array<number>(carriers.length)
  for (let free = 0; free < carriers.length; free++) {
    for (let bits = 0; bits < 1 << carriers.length; bits++) {
      if (bits & (1 << free)) continue
      let rest = 1
      for (let i = 0; i < carriers.length; i++) {
        shares[i] = i !== free && bits & (1 << i) ? (carriers[i] as Carrier).most : 0
        rest -= shares[i] as number
      }
      // Nothing left for the free one: the same shares come again with another one free.
      if (rest < 1e-12 || rest > (carriers[free] as Carrier).most + 1e-12) continue
      shares[free] = rest
      addWeighted(carriers, shares, points)
    }
  }
  return points
}

function addWeighted(carriers: Carrier[], shares: number[], points: Corner[]): void {
  let sum: readonly Corner[] = NOTHING
  for (let i = 0; i < carriers.length; i++) {
    const share = shares[i] as number
    if (share <= 1e-12) continue
    const { corners } = carriers[i] as Carrier
    sum = share >= 1 - 1e-12 ? corners : addRings(sum, corners, share)
  }
  for (const corner of sum) points.push(corner)
}

/**
 * The corners of a + share · b, two convex counter-clockwise rings: their edges in the order of their directions
 * (Minkowski sum by merging), instead of every corner with every other.
 */
function addRings(a: readonly Corner[], b: readonly Corner[], share: number): Corner[] {
  const sum: Corner[] = []
  const firstA = findLowest(a)
  const firstB = findLowest(b)
  for (let i = 0, j = 0; i < a.length || j < b.length; ) {
    const p = a[(firstA + i) % a.length] as Corner
    const q = b[(firstB + j) % b.length] as Corner
    sum.push(addCorners(p, q, share))
    const nextP = a[(firstA + i + 1) % a.length] as Corner
    const nextQ = b[(firstB + j + 1) % b.length] as Corner
    const turn = (nextP.x - p.x) * (nextQ.y - q.y) - (nextP.y - p.y) * (nextQ.x - q.x)
    const stepA = j >= b.length || (i < a.length && turn >= 0)
    const stepB = i >= a.length || (j < b.length && turn <= 0)
    if (stepA) i++
    if (stepB) j++
  }
  return sum
}

function addCorners(p: Corner, q: Corner, share: number): Corner {
  const onLeft = q.ofLeft > 0
  const onRight = q.ofRight > 0
  return new Corner(
    p.x + share * q.x,
    p.y + share * q.y,
    onLeft ? share : p.ofLeft,
    onLeft ? q.left : p.left,
    onRight ? share : p.ofRight,
    onRight ? q.right : p.right,
  )
}

function findLowest(ring: readonly Corner[]): number {
  let lowest = 0
  for (let i = 1; i < ring.length; i++) {
    const p = ring[i] as Corner
    const least = ring[lowest] as Corner
    if (p.y < least.y || (p.y === least.y && p.x < least.x)) lowest = i
  }
  return lowest
}

/** A horizontal push of at most f body weights along n, at the hand's height z, extends the places by f·z against n. */
function pushBack(footing: Footing, points: Corner[]): Corner[] {
  let all = points
  for (const support of footing.stance.supports) {
    if (isPressed(support)) continue
    const [nx, ny] = directionVector(support.toward ?? 0)
    const shift = support.maxLoad * support.at[2]
    all = all.concat(
      all.map((c) => new Corner(c.x - shift * nx, c.y - shift * ny, c.ofLeft, c.left, c.ofRight, c.right)),
    )
  }
  return all
}
