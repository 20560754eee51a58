import type { ReadingOf, Sway } from '@/core'
import { useWords } from '@/ui/words/use-words'
import styles from '../measure.module.css'

type SwayTraceProps = {
  trace: readonly ReadingOf<'plate'>[]
  sway: Sway | null
}

const SIZE = 300
/** Half of what is shown, metres: grown in steps, so that the scale does not jump about. */
const HALVES = [0.02, 0.04, 0.08, 0.16] as const
/** The newest seconds that are drawn, and how many points of them. */
const SHOWN_S = 60
const POINTS_MOST = 1200

/** Where the pressure went on the floor, ahead upward, with the ellipse that holds 95 % of it, at a scale with its rule. */
export function SwayTrace({ trace, sway }: SwayTraceProps) {
  const words = useWords()
  const newest = trace.at(-1)?.atS ?? 0
  const some = trace.filter(({ atS }) => atS >= newest - SHOWN_S)
  const every = Math.max(1, Math.ceil(some.length / POINTS_MOST))
  const points = some.filter((_, i) => i % every === 0)
  const middle = sway?.mean ?? meanOf(points)
  const reach = Math.max(0.001, ...points.map(({ cop }) => Math.hypot(cop[0] - middle[0], cop[1] - middle[1])))
  const half = HALVES.find((one) => one >= reach) ?? reach
  const scale = (SIZE - 20) / half
  const x = (metres: number) => (metres - middle[0]) * scale
  const y = (metres: number) => -(metres - middle[1]) * scale
  const rule = half >= 0.08 ? 0.05 : half >= 0.04 ? 0.02 : 0.01
  return (
    <svg
      viewBox={`${-SIZE} ${-SIZE} ${2 * SIZE} ${2 * SIZE + 30}`}
      className={styles.trace}
      role="img"
      aria-label={words.say('measure.names.sway')}
    >
      <rect x={-SIZE} y={-SIZE} width={2 * SIZE} height={2 * SIZE} fill="var(--paper-deep)" />
      <path d={`M0 ${-SIZE}V${SIZE}M${-SIZE} 0H${SIZE}`} stroke="var(--line)" strokeWidth="1.4" />
      <polyline
        points={points.map(({ cop }) => `${x(cop[0]).toFixed(1)},${y(cop[1]).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
      {sway && (
        <ellipse
          rx={sway.ellipse.minor * scale}
          ry={sway.ellipse.major * scale}
          transform={`rotate(${(-sway.ellipse.heading * 180) / Math.PI})`}
          fill="var(--clay)"
          fillOpacity="0.1"
          stroke="var(--clay)"
          strokeWidth="2.6"
        />
      )}
      {points.length > 0 && (
        <circle
          cx={x((points.at(-1) as ReadingOf<'plate'>).cop[0])}
          cy={y((points.at(-1) as ReadingOf<'plate'>).cop[1])}
          r="7"
          fill="var(--clay)"
        />
      )}
      <g transform={`translate(${-SIZE + 12} ${SIZE + 20})`}>
        <path d={`M0 -5V5M0 0H${rule * scale}M${rule * scale} -5V5`} stroke="var(--ink)" strokeWidth="2" />
        <text x={rule * scale + 12} y="7" fill="var(--ink)" fontSize="22">
          {`${words.number(rule * 1000)} mm`}
        </text>
      </g>
    </svg>
  )
}

function meanOf(points: readonly ReadingOf<'plate'>[]): readonly [number, number] {
  const n = Math.max(1, points.length)
  return [points.reduce((sum, { cop }) => sum + cop[0], 0) / n, points.reduce((sum, { cop }) => sum + cop[1], 0) / n]
}
