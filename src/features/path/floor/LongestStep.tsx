import { otherSide, type ShownTransition, type Stance, type Vec2 } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import { useWords } from '@/ui/words/use-words'
import { sayCentimetres } from '@/words/figures'
import styles from './floor.module.css'

const SPREAD = 0.45
const POINTS = 16

/** How far a step could be taken back, as a line drawn on the floor about the standing heel. */
export function LongestStep({ plan, way, stance }: { plan: Plan; way: ShownTransition; stance: Stance }) {
  const words = useWords()
  const test = way.readings?.emptyStep
  if (!test || test.longest <= 0) return null
  const [sx, sy] = stance.feet[otherSide(test.foot)].heel
  const [hx, hy] = stance.feet[test.foot].heel
  const toward = Math.atan2(hy - sy, hx - sx)
  const at = (turn: number, far: number): Vec2 => [
    sx + far * Math.cos(toward + turn),
    sy + far * Math.sin(toward + turn),
  ]
  const line = Array.from({ length: POINTS + 1 }, (_, i) =>
    toScreen(plan, at(SPREAD * ((2 * i) / POINTS - 1), test.longest))
      .map((v) => v.toFixed(1))
      .join(' '),
  )
  const [x, y] = toScreen(plan, at(test.foot === 'left' ? SPREAD : -SPREAD, test.longest))
  // Beside its end, on the side that has room for it.
  const outer = x > plan.width / 2 ? 'end' : 'start'
  const looks = test.passes ? styles.reach : styles.falls
  return (
    <g pointerEvents="none">
      <path d={`M${line.join('L')}`} className={looks} />
      <text x={x + (outer === 'end' ? -8 : 8)} y={y + 5} textAnchor={outer} className={styles.label}>
        {words.say('path.step.longest', { longest: sayCentimetres(test.longest, words) })}
      </text>
    </g>
  )
}
