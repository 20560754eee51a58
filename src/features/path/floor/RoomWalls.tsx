import type { Vec2 } from '@/core'
import styles from './floor.module.css'
import { type RoomPlan, roomToScreen } from './room-plan'

export const pointsOf = (plan: RoomPlan, points: readonly Vec2[]): string =>
  points
    .map((point) =>
      roomToScreen(plan, point)
        .map((v) => v.toFixed(1))
        .join(','),
    )
    .join(' ')

/** Lines every metre, to count a room by. */
export function Metres({ plan }: { plan: RoomPlan }) {
  const [[left, rear], , [right, front]] = plan.walls as [Vec2, Vec2, Vec2, Vec2]
  const between = (low: number, high: number) =>
    Array.from({ length: Math.max(0, Math.ceil(high - low) - 1) }, (_, i) => low + i + 1)
  const lines: [Vec2, Vec2][] = [
    ...between(left, right).map((x): [Vec2, Vec2] => [
      [x, rear],
      [x, front],
    ]),
    ...between(rear, front).map((y): [Vec2, Vec2] => [
      [left, y],
      [right, y],
    ]),
  ]
  return (
    <g className={styles.metres}>
      {lines.map((ends) => (
        <polyline key={ends.join(' ')} points={pointsOf(plan, ends)} />
      ))}
    </g>
  )
}

/** Tape along the walls; broken where what is done does not fit between them. */
export const Walls = ({ plan, fits }: { plan: RoomPlan; fits: boolean }) => (
  <polygon className={styles.walls} data-fits={fits} points={pointsOf(plan, plan.walls)} />
)
