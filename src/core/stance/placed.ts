import type { Side, Vec2 } from '../conventions'
import type { FootSetting, Placement, Stance } from './stance'

/**
 * A point of a stance's floor frame in the room.
 * @param point metres in the stance's own frame
 * @returns metres in the room
 * @example toRoom({ x: 1, y: 2, heading: 90 * DEG }, [0, 1]) // => [0, 2]
 */
export function toRoom({ x, y, heading }: Placement, [px, py]: Vec2): Vec2 {
  const [cos, sin] = [Math.cos(heading), Math.sin(heading)]
  return [x + cos * px - sin * py, y + sin * px + cos * py]
}

/**
 * A point of the room in a stance's floor frame.
 * @param point metres in the room
 * @returns metres in the stance's own frame
 * @example fromRoom({ x: 1, y: 2, heading: 0 }, [1, 3]) // => [0, 1]
 */
export function fromRoom({ x, y, heading }: Placement, [rx, ry]: Vec2): Vec2 {
  const [cos, sin] = [Math.cos(heading), Math.sin(heading)]
  return [cos * (rx - x) + sin * (ry - y), cos * (ry - y) - sin * (rx - x)]
}

/**
 * A stance put somewhere in the room. Written out, in the order of `stanceOf`: stances that are spread are each of a
 * shape of their own, and what reads them is compiled for every one.
 */
export function placeAt(stance: Stance, at: Placement): Stance {
  const placed: Stance = {
    posture: stance.posture,
    side: stance.side,
    feet: stance.feet,
    loadLeft: stance.loadLeft,
    loadMeasured: stance.loadMeasured,
    height: stance.height,
    pelvisYaw: stance.pelvisYaw,
    pelvisTilt: stance.pelvisTilt,
    trunk: stance.trunk,
    arms: stance.arms,
    supports: stance.supports,
    frame: stance.frame,
    eyes: stance.eyes,
    at,
    floor: stance.floor,
  }
  if (stance.seat) placed.seat = stance.seat
  if (stance.keeps) placed.keeps = stance.keeps
  return placed
}

/**
 * The same feet, hips, hands and seat in the same places of the room, said from another place and heading: what was
 * ahead may be beside. Where it stood before counts as the room's origin unless it says so itself.
 * @example sayFrom({ ...bow, at: { x: 1, y: 0, heading: 0 } }, { x: 0, y: 0, heading: 0 }).feet.left.heel[0] - bow.feet.left.heel[0] // => 1
 */
export function sayFrom(stance: Stance, at: Placement): Stance {
  const from = stance.at ?? ORIGIN
  const turned = from.heading - at.heading
  const move = (point: Vec2) => fromRoom(at, toRoom(from, point))
  const foot = (set: FootSetting, side: Side): FootSetting => ({
    ...set,
    heel: move(set.heel),
    toeOut: set.toeOut + (side === 'left' ? turned : -turned),
  })
  const { feet, seat, floor } = stance
  return {
    ...stance,
    at,
    feet: { left: foot(feet.left, 'left'), right: foot(feet.right, 'right') },
    pelvisYaw: stance.pelvisYaw + turned,
    supports: stance.supports.map((support) => {
      const [x, y] = move([support.at[0], support.at[1]])
      const { toward } = support
      return { ...support, at: [x, y, support.at[2]], ...(toward !== undefined && { toward: toward + turned }) }
    }),
    ...(seat && { seat: { ...seat, at: move(seat.at) } }),
    floor: { ...floor, downhill: floor.downhill + turned },
  }
}

const ORIGIN: Placement = { x: 0, y: 0, heading: 0 }
