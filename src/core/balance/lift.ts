import { otherSide, type Side, type Vec2 } from '../conventions'
import { lengthOf } from '../geometry/vector'
import { bisect } from '../numeric/bisect'
import { layOnFloor } from '../stance/foot'
import type { Footing } from '../stance/footing'
import { findLightSide, shareOf } from '../stance/footing'
import { findNearestEdge, viewEdges } from './margins'
import { calcOneFootReserve } from './reserve'

/** Whether the light foot could be lifted now, and if not, how far the centre must go first and to which share. */
export type Lift = {
  light: Side
  now: boolean
  /** Metres that the centre must move toward the standing foot; null where no shift keeps the reserve on it. */
  shift: number | null
  /** The share on the standing foot at which the light one comes up with no further shift. */
  share: number | null
}

const DUST = 1e-12

/**
 * The light foot can be lifted when the centre is within the other foot's usable part with the reserve for one foot.
 * The centre moves along the line to that foot's pressure point as the weight goes over.
 * Null with a foot in the air, and seated.
 * @returns metres and shares 0 to 1
 * @example calcLift(setFooting(ana, { ...parallel, loadLeft: 0.4 })) // => { light: 'left', now: false, shift: 0.12, share: 0.9594 }
 */
export function calcLift(footing: Footing): Lift | null {
  const { stance, feet, body } = footing
  if (stance.seat || !feet.left.part || !feet.right.part) return null
  const light = findLightSide(stance)
  const standing = feet[otherSide(light)]
  const part = standing.part as NonNullable<typeof standing.part>
  const ring = layOnFloor(standing, part.ring, part.centroid, body.usableAlong, body.usableAcross)
  const corners = ring.map(([x, y]) => ({ x, y }))
  const reserve = calcOneFootReserve(footing)
  const [cx, cy] = footing.centre
  const at = (t: number): Vec2 => [cx + t * (standing.px - cx), cy + t * (standing.py - cy)]
  const keeps = (t: number) => {
    const views = viewEdges(corners, at(t))
    return (views[findNearestEdge(views)]?.distance ?? -1) >= reserve
  }
  if (keeps(0)) return { light, now: true, shift: 0, share: shareOf(stance, standing.side) }
  if (!keeps(1)) return { light, now: false, shift: null, share: null }
  const within = bisect(keeps, 1, 0, DUST)
  const [x, y] = at(within)
  const share = shareOf(stance, standing.side)
  return { light, now: false, shift: lengthOf(x - cx, y - cy), share: share + within * (1 - share) }
}
