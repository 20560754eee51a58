import { type Body, type Seat, type Stance, type Support, setFooting, type Vec2 } from '@/core'
import { midline } from '@/draw/footprint'
import { fitPlan, type Plan, toScreen } from '@/draw/plan'
import { Footprint } from './Footprint'

type SmallFloorProps = { body: Body; stance: Stance; over?: Stance; width?: number; height?: number }

/** A stance as a small floor, dotted over what it was: the fuller foot of both lies in one place. */
export function SmallFloor({ body, stance, over, width = 104, height = 104 }: SmallFloorProps) {
  const now = setFooting(body, stance)
  const before = over && setFooting(body, over)
  const feet = [now, ...(before ? [before] : [])].flatMap(({ feet: f }) => [f.left, f.right])
  const corners = feet.flatMap((f): Vec2[] => [
    midline(f, 0),
    midline(f, 1),
    midline(f, 0.7, 0.5),
    midline(f, 0.7, -0.5),
  ])
  const supports = stance.supports.flatMap(({ at }): Vec2[] => [
    [at[0], at[1] + 0.18],
    [at[0], at[1] - 0.18],
  ])
  const { seat } = stance
  const chair = seat ? [-0.2, 0.2].map((by): Vec2 => [seat.at[0], seat.at[1] + by]) : []
  const plan = fitPlan([...corners, ...supports, ...chair], width, height, { about: 0.05 })
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      {before && (
        <>
          <Footprint plan={plan} foot={before.feet.left} look="former" />
          <Footprint plan={plan} foot={before.feet.right} look="former" />
        </>
      )}
      <Footprint plan={plan} foot={now.feet.left} look="small" />
      <Footprint plan={plan} foot={now.feet.right} look="small" />
      {stance.supports.map((support) => (
        <SupportMark key={support.hand} plan={plan} support={support} />
      ))}
      {seat && <SeatMark plan={plan} seat={seat} size={0.4} />}
    </svg>
  )
}

/** Where a hand is: a chair back seen from above, a wall's line, or a point. */
export function SupportMark({ plan, support }: { plan: Plan; support: Support }) {
  const [x, y] = toScreen(plan, [support.at[0], support.at[1]])
  const s = plan.scale
  if (support.kind === 'chair-back') {
    // The back stands beside the person, the seat beyond it.
    const out = support.hand === 'right' ? 1 : -1
    return (
      <g stroke="var(--wood)" strokeWidth="1.6">
        <rect x={out > 0 ? x : x - 0.38 * s} y={y - 0.19 * s} width={0.38 * s} height={0.38 * s} rx="4" fill="none" />
        <rect x={x - 0.02 * s} y={y - 0.21 * s} width={0.04 * s} height={0.42 * s} fill="var(--wood)" rx="2" />
      </g>
    )
  }
  if (support.toward !== undefined) {
    // Pushing toward `toward`: a wall stands across that direction, a pole or a helper is a point with an arrow.
    const turn = (-support.toward * 180) / Math.PI
    return (
      <g transform={`translate(${x} ${y}) rotate(${turn})`} stroke="var(--wood)" fill="var(--wood)">
        {support.kind === 'wall' && <rect x={-0.35 * s} y={0.005 * s} width={0.7 * s} height={0.05 * s} rx="2" />}
        {support.kind !== 'wall' && <circle r={Math.max(5, 0.04 * s)} fill="var(--paper)" strokeWidth="2" />}
        <path d={`M0 0V${-0.09 * s}m-4 5l4 -5l4 5`} fill="none" strokeWidth="1.8" />
      </g>
    )
  }
  return (
    <g stroke="var(--wood)" strokeWidth="2" fill="var(--paper)">
      <circle cx={x} cy={y} r={Math.max(5, 0.03 * s)} />
      <circle cx={x} cy={y} r="1.5" fill="var(--wood)" />
    </g>
  )
}

/** A seat from above, as one sits: its back, and what stands on either side of it. */
export function SeatMark({ plan, seat: { at, kind }, size }: { plan: Plan; seat: Seat; size: number }) {
  const [x, y] = toScreen(plan, at)
  const s = plan.scale * size
  return (
    <g stroke="var(--wood)" fill="var(--paper-deep)" strokeWidth="1.6">
      <rect x={x - s / 2} y={y - s / 2} width={s} height={s} rx="4" />
      <rect x={x - s * 0.55} y={y + s * 0.45} width={s * 1.1} height={s * 0.12} fill="var(--wood)" rx="2" />
      {kind &&
        [-0.62, 0.52].map((by) => (
          <rect
            key={by}
            x={x + s * by}
            y={y + s * BESIDE[kind].from}
            width={s * 0.1}
            height={s * BESIDE[kind].long}
            fill="var(--wood)"
            rx="2"
          />
        ))}
    </g>
  )
}

/** Armrests lie along the seat, wheels reach behind it; in its sides. */
const BESIDE = {
  chair: { from: 0, long: 0 },
  armrests: { from: -0.35, long: 0.75 },
  wheelchair: { from: -0.25, long: 1.05 },
} as const
