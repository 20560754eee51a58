import { type Analysis, ASSURED_SDS, directionVector } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'

/** The way to the usable edge in 72 directions; shorter than the reserve with its uncertainty, in clay. */
export function Rose({ plan, analysis }: { plan: Plan; analysis: Analysis }) {
  const { pose, rose, reserve, assured } = analysis
  const [x, y] = toScreen(plan, pose.centre)
  const least = reserve + ASSURED_SDS * assured.sd
  return (
    <g pointerEvents="none" strokeWidth="1.1">
      {rose.map((distance, i) => {
        const [ux, uy] = directionVector((i * 2 * Math.PI) / rose.length)
        const [ex, ey] = toScreen(plan, [pose.centre[0] + ux * distance, pose.centre[1] + uy * distance])
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ray is its direction
          <line key={i} x1={x} y1={y} x2={ex} y2={ey} stroke={distance < least ? 'var(--clay)' : 'var(--tide)'} />
        )
      })}
    </g>
  )
}
