import { directionVector, otherSide, SIDES, type Side } from '../conventions'
import { layOnFloor } from '../stance/foot'
import { type Footing, isLight } from '../stance/footing'
import { isPressed } from '../stance/stance'

/**
 * What ends the usable base in a direction: the outline of the feet (or a seat), an order on how much a leg may carry,
 * or how much a hand may take.
 */
export type EdgeCause = { kind: 'outline' } | { kind: 'order'; side: Side } | { kind: 'hand'; hand: Side }

const OUTLINE: EdgeCause = { kind: 'outline' }
const LEAST = 1e-9

/** Something that carries weight: how far it reaches in the direction, and how much it may take. */
type Carrier = { reach: number; most: number; cause: EdgeCause }

/**
 * What ends the usable base toward (nx, ny), floor frame, a unit vector outward. The base's edge there is the best that
 * shares of the carriers can reach: filled from the farthest, each up to what it may carry. One that is full although
 * it reaches farther than the next is what ends it; an order goes before a hand.
 */
export function findEdgeCause(footing: Footing, nx: number, ny: number): EdgeCause {
  const { body, stance } = footing
  const free = body.loadMax.left >= 1 && body.loadMax.right >= 1 && stance.supports.length === 0
  if (free || stance.seat) return OUTLINE
  const carriers: Carrier[] = []
  for (const side of SIDES) {
    const { part } = footing.feet[side]
    if (!part) continue
    const ring = layOnFloor(footing.feet[side], part.ring, part.centroid, body.usableAlong, body.usableAcross)
    const reach = Math.max(...ring.map(([x, y]) => nx * x + ny * y))
    const most = isLight(footing, otherSide(side)) ? 1 : body.loadMax[side]
    carriers.push({ reach, most, cause: { kind: 'order', side } })
  }
  for (const { hand, at, maxLoad } of stance.supports.filter(isPressed)) {
    carriers.push({ reach: nx * at[0] + ny * at[1], most: maxLoad, cause: { kind: 'hand', hand } })
  }
  const full = listFull(carriers)
  const pushed = stance.supports.find((support) => {
    const [px, py] = directionVector(support.toward ?? 0)
    return !isPressed(support) && nx * px + ny * py < -LEAST
  })
  const cause = full.find(({ kind }) => kind === 'order') ?? full[0]
  return cause ?? (pushed ? { kind: 'hand', hand: pushed.hand } : OUTLINE)
}

/** The carriers that are full although they reach farther than the one that takes the rest. */
function listFull(carriers: readonly Carrier[]): EdgeCause[] {
  const byReach = carriers.toSorted((a, b) => b.reach - a.reach)
  let rest = 1
  const last = byReach.findIndex(({ most }) => {
    rest -= most
    return rest <= LEAST
  })
  const marginal = byReach[last]
  if (!marginal) return []
  return byReach
    .slice(0, last)
    .filter(({ reach }) => reach > marginal.reach + LEAST)
    .map(({ cause }) => cause)
}
