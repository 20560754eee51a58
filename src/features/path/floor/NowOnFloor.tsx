import { type Body, fromRoom, type Placement, type ShownPath, SIDES, type Vec2 } from '@/core'
import { type Plan, ringPath, toScreen } from '@/draw/plan'
import { drawPlayed } from '@/ui/figure/draw-played'
import { findInstant } from '@/ui/figure/instant'
import { Footprint } from '@/ui/floor/Footprint'
import { usePlay } from '../state/play'
import { placedIn } from './placed-in'

type NowOnFloorProps = {
  /** The whole path, whose second is looked at; the part whose way is opened, and that way alone. */
  whole: ShownPath
  at: number
  step: ShownPath
  body: Body
  frame: Placement
  plan: Plan
}

/** The base and the centre at the second that is looked at, and feet that are up on a part of themselves, on the floor of one way. */
export function NowOnFloor({ whole, at, step, body, frame, plan }: NowOnFloorProps) {
  const seconds = usePlay((play) => play.at)
  const begins = whole.transitions.find(({ to }) => to === at)?.startS ?? 0
  const between = findInstant(step, Math.max(0, seconds - begins))
  const drawn = between && drawPlayed(body, between)
  if (!drawn) return null
  const [mx, my] = drawn.middle
  const here = (x: number, y: number): Vec2 => fromRoom(frame, [x + mx, y + my])
  const ring = (base: readonly { x: number; y: number }[]) =>
    ringPath(
      plan,
      base.map(({ x, y }) => here(x, y)),
    )
  const [cx, cy] = toScreen(plan, here(drawn.pose.centre[0], drawn.pose.centre[1]))
  const rolled = SIDES.filter((side) => {
    const { lift, contact } = between.a.feet[side]
    return lift !== 0 && contact !== 'air'
  })
  return (
    <g pointerEvents="none">
      <path d={ring(drawn.full)} fill="none" stroke="var(--ink-soft)" strokeWidth="1.2" />
      <path d={ring(drawn.usable)} fill="var(--tide)" fillOpacity="0.2" stroke="var(--tide)" strokeWidth="1.4" />
      {rolled.map((side) => (
        <Footprint key={side} plan={plan} foot={placedIn(frame, body, between.a, side)} look="small" />
      ))}
      <circle cx={cx} cy={cy} r="8" fill="var(--clay)" stroke="var(--paper)" strokeWidth="2" />
    </g>
  )
}
