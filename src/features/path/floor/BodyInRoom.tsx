import type { Body, ShownPath, Vec2 } from '@/core'
import { ringPath } from '@/draw/plan'
import { Figure } from '@/ui/figure/FlatFigure'
import { useBodySaid } from '../state/use-body-said'
import { usePlayed } from '../state/use-played'
import styles from './floor.module.css'
import { type RoomPlan, roomToScreen, turnInPlan } from './room-plan'

type BodyInRoomProps = { path: ShownPath; body: Body; plan: RoomPlan }

/** The body where it stands in the room at the second that is looked at, on its base. */
export function BodyInRoom({ path, body, plan }: BodyInRoomProps) {
  const drawn = usePlayed(path, body)
  const label = useBodySaid(path, drawn)
  if (!drawn || !label) return null
  const [mx, my] = drawn.middle
  const [left, top] = roomToScreen(plan, drawn.middle)
  const place = ([x, y]: Vec2): Vec2 => [left + x * plan.scale, top - y * plan.scale]
  const ring = (base: readonly { x: number; y: number }[]) =>
    ringPath(
      plan,
      base.map(({ x, y }) => turnInPlan(plan, [x + mx, y + my])),
    )
  return (
    <svg pointerEvents="none" overflow="visible" role="img" aria-label={label} className={styles.body}>
      <path d={ring(drawn.full)} fill="none" stroke="var(--ink-soft)" strokeWidth="1.2" />
      <path d={ring(drawn.usable)} fill="var(--tide)" fillOpacity="0.22" stroke="var(--tide)" strokeWidth="1.6" />
      <Figure analysis={drawn} view={plan.view} place={place} />
    </svg>
  )
}
