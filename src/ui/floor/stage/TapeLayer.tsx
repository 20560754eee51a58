import type { Footing, Side } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import { useWords } from '@/ui/words/use-words'
import styles from './floor.module.css'
import { findTapeLines } from './tape-lines'

/** The lines that the light foot snaps to, drawn as the tape that would be laid. */
export function TapeLayer({ plan, footing, side }: { plan: Plan; footing: Footing; side: Side }) {
  const words = useWords()
  const { across, along } = findTapeLines(footing, side, words)
  return (
    <g className={styles.tape} pointerEvents="none">
      {across.slice(0, 2).map(({ y, name }) => {
        const [, py] = toScreen(plan, [0, y])
        return (
          <g key={name}>
            <line x1={0} x2={plan.width} y1={py} y2={py} />
            <text x={plan.width - 6} y={py - 5} textAnchor="end">
              {name}
            </text>
          </g>
        )
      })}
      {along.slice(1).map(({ x, name }) => {
        const [px] = toScreen(plan, [x, 0])
        return (
          <g key={name}>
            <line x1={px} x2={px} y1={0} y2={plan.height} />
            <text transform={`translate(${px - 5} ${plan.height - 8}) rotate(-90)`}>{name}</text>
          </g>
        )
      })}
    </g>
  )
}
