import { type ShownPath, toRoom, type Vec2 } from '@/core'
import styles from './floor.module.css'
import { type RoomPlan, roomToScreen } from './room-plan'

const HALF = 0.2

/** Chairs where they are sat on, with their back, and what hands are on, in the room. */
export function RoomChairs({ plan, path }: { plan: RoomPlan; path: ShownPath }) {
  const line = (points: readonly Vec2[]) =>
    points
      .map((point) =>
        roomToScreen(plan, point)
          .map((v) => v.toFixed(0))
          .join(','),
      )
      .join(' ')
  const drawn = path.parts.flatMap(({ stance: { seat, supports, at } }) => {
    if (!at) return []
    const corner = (from: readonly [number, number], x: number, y: number) => {
      const [sin, cos] = [Math.sin(at.heading), Math.cos(at.heading)]
      const [cx, cy] = toRoom(at, from)
      return [cx + x * cos - y * sin, cy + x * sin + y * cos] as const
    }
    const square = (from: readonly [number, number]): Vec2[] =>
      [
        [-1, -1],
        [1, -1],
        [1, 1],
        [-1, 1],
      ].map(([x = 0, y = 0]) => corner(from, x * HALF, y * HALF))
    const backs = supports.map((support) =>
      line([corner([support.at[0], support.at[1]], 0, -HALF), corner([support.at[0], support.at[1]], 0, HALF)]),
    )
    return [
      ...(seat ? [line(square(seat.at)), line([corner(seat.at, -HALF, -HALF), corner(seat.at, HALF, -HALF)])] : []),
      ...backs,
    ]
  })
  return (
    <g className={styles.chairs}>
      {[...new Set(drawn)].map((points) => (
        <polygon key={points} points={points} />
      ))}
    </g>
  )
}
