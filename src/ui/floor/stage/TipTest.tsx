import { type Analysis, directionVector } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import styles from './floor.module.css'

/** Each way, with its direction from ahead, and where its figure stands beside the arrow's point, pixels. */
const WAYS = [
  { way: 'forward', at: Math.PI / 2, dx: 0, dy: -9 },
  { way: 'left', at: Math.PI, dx: -8, dy: 5 },
  { way: 'back', at: -Math.PI / 2, dx: 0, dy: 20 },
  { way: 'right', at: 0, dx: 8, dy: 5 },
] as const
const ANCHOR = { forward: 'middle', back: 'middle', left: 'end', right: 'start' } as const

const METRES_PER_NEWTON = 0.0007
const HEAD = 7
/** From the centre, so that its own marks stay readable. */
const BESIDE = 16

/** A nudge at the hip: how hard one from each side tips, newtons; the arrow goes the way that it pushes. */
export function TipTest({ plan, analysis }: { plan: Plan; analysis: Analysis }) {
  const { pose, pushes } = analysis
  const [x, y] = toScreen(plan, pose.centre)
  return (
    <g pointerEvents="none" stroke="var(--wood)" strokeWidth="2.4" fill="none" strokeLinecap="round">
      <title>How hard a nudge at the hip tips, each way</title>
      {WAYS.map(({ way, at, dx, dy }) => {
        const newtons = Math.max(0, Math.round(pushes.hip[way]))
        const [ux, uy] = directionVector(at)
        const length = BESIDE + newtons * METRES_PER_NEWTON * plan.scale
        const [ex, ey] = [x + ux * length, y - uy * length]
        const barb = (side: 1 | -1) => `L${ex - HEAD * (ux + side * uy)} ${ey + HEAD * (uy - side * ux)}`
        return (
          <g key={way}>
            <path d={`M${x + ux * BESIDE} ${y - uy * BESIDE}L${ex} ${ey}${barb(1)}M${ex} ${ey}${barb(-1)}`} />
            <text
              x={ex + dx}
              y={ey + dy}
              textAnchor={ANCHOR[way]}
              className={`${styles.figure} ${styles.halo}`}
              stroke="none"
            >
              {newtons} N
            </text>
          </g>
        )
      })}
    </g>
  )
}
