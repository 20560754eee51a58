import type { Analysis } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import { useSay } from '@/ui/words/use-words'
import styles from './floor.module.css'
import { layTipArrows } from './tip-arrows'

/** Of an arrow, along it and to either side, pixels. */
const HEAD = 7

/** A nudge at the hip: how hard one from each side tips, newtons. */
export function TipTest({ plan, analysis }: { plan: Plan; analysis: Analysis }) {
  const t = useSay('screens.ui')
  const { pose, pushes } = analysis
  const [x, y] = toScreen(plan, pose.centre)
  return (
    <g
      pointerEvents="none"
      transform={`translate(${x} ${y})`}
      stroke="var(--wood)"
      strokeWidth="2.4"
      fill="none"
      strokeLinecap="round"
    >
      <title>{t('howHardNudgeAt')}</title>
      {layTipArrows(pushes.hip, plan.scale).map(({ way, newtons, from, to, text }) => {
        const length = Math.hypot(to[0], to[1])
        const [ux, uy] = [to[0] / length, to[1] / length]
        const barb = (side: 1 | -1) =>
          `M${to.join(' ')}L${to[0] - HEAD * (ux + side * uy)} ${to[1] - HEAD * (uy - side * ux)}`
        return (
          <g key={way}>
            <path d={`M${from.join(' ')}L${to.join(' ')}${barb(1)}${barb(-1)}`} />
            <text
              x={text[0]}
              y={text[1]}
              textAnchor="middle"
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
