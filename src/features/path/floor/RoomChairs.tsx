import { CHAIR_HALF, type ShownPath, toRoom, type Vec2 } from '@/core'
import styles from './floor.module.css'
import { type RoomPlan, roomToScreen } from './room-plan'

/** A chair in the room: its middle, where its sitter faces, and whether it is sat on or its back is held. */
export type RoomChair = { at: Vec2; heading: number; sat: boolean }

/** Chairs where they are sat on, and what hands are on, in the room. */
export function listChairs(path: ShownPath): RoomChair[] {
  return path.parts.flatMap(({ stance: { seat, supports, at } }) => {
    if (!at) return []
    const chair = (place: Vec2, sat: boolean) => ({ at: toRoom(at, place), heading: at.heading, sat })
    return [...(seat ? [chair(seat.at, true)] : []), ...supports.map((one) => chair([one.at[0], one.at[1]], false))]
  })
}

/** Chairs from above: a seat with its back, or the back alone that a hand is on. */
export function RoomChairs({ plan, chairs }: { plan: RoomPlan; chairs: readonly RoomChair[] }) {
  const drawn = chairs.flatMap(({ at: [cx, cy], heading, sat }) => {
    const [sin, cos] = [Math.sin(heading), Math.cos(heading)]
    const line = (corners: readonly Vec2[]) =>
      corners
        .map(([x, y]): Vec2 => [cx + CHAIR_HALF * (x * cos - y * sin), cy + CHAIR_HALF * (x * sin + y * cos)])
        .map((point) =>
          roomToScreen(plan, point)
            .map((v) => v.toFixed(0))
            .join(','),
        )
        .join(' ')
    return sat ? [line(SEAT), line(REAR_EDGE)] : [line(BACK)]
  })
  return (
    <g className={styles.chairs}>
      {[...new Set(drawn)].map((points) => (
        <polygon key={points} points={points} />
      ))}
    </g>
  )
}

/** In half sides of a chair, as its sitter faces. */
const SEAT: readonly Vec2[] = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
]
const REAR_EDGE: readonly Vec2[] = [
  [-1, -1],
  [1, -1],
]
const BACK: readonly Vec2[] = [
  [0, -1],
  [0, 1],
]
