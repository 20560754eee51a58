import type { Vec2 } from '../conventions'
import type { Footing } from '../stance/footing'
import { type Base, calcUsableBase, isBorneAlike } from './base'
import { type EdgeCause, findEdgeCause } from './cause'
import { type EdgeView, findNearestEdge, viewEdges } from './margins'
import { calcReserve } from './reserve'
import { type Assured, calcAssured } from './uncertainty'

/** How near the edge a centre is, with what is sure of that and what it is held against: all that a verdict needs. */
export type Balance = {
  usable: Base
  views: EdgeView[]
  /** Index of the nearest edge, and the distance to it: negative outside. */
  nearestEdge: number
  nearest: number
  assured: Assured
  reserve: number
}

/**
 * Reads the balance of a footing; a seated one, whose centre follows from its pose, comes with the body's own errors.
 * Its base is that of a neighbour on which the same carries, if given.
 */
export function readBalance(
  footing: Footing,
  bodyErrors: readonly Vec2[] | null = null,
  neighbour: { footing: Footing; balance: Pick<Balance, 'usable'> } | null = null,
): Balance {
  const alike = neighbour && isBorneAlike(neighbour.footing, footing)
  const usable = alike ? neighbour.balance.usable : calcUsableBase(footing)
  const views = viewEdges(usable, footing.centre)
  const nearestEdge = findNearestEdge(views)
  const { distance: nearest } = views[nearestEdge] as EdgeView
  const assured = calcAssured(footing, usable, views, bodyErrors)
  return { usable, views, nearestEdge, nearest, assured, reserve: calcReserve(footing) }
}

/** What ends the base at the edge that is nearest, and at the one that decides what is sure. */
export function findCauses(footing: Footing, balance: Balance): { nearest: EdgeCause; assured: EdgeCause } {
  const at = (edge: number) => {
    const { nx, ny } = balance.views[edge] as EdgeView
    return findEdgeCause(footing, -nx, -ny)
  }
  return { nearest: at(balance.nearestEdge), assured: at(balance.assured.edge) }
}
