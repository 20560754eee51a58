import { memo } from 'react'
import { type Plan, toFloor, toScreen } from '@/draw/plan'
import styles from './floor.module.css'

const STEP = 0.1

/** Lines every 10 cm, so that a step can be read off the floor. */
export const TapeGrid = memo(function TapeGrid({ plan }: { plan: Plan }) {
  const [left, far] = toFloor(plan, [0, 0])
  const [right, near] = toFloor(plan, [plan.width, plan.height])
  return (
    <g className={styles.grid}>
      {linesBetween(left, right).map((n) => {
        const [x] = toScreen(plan, [n * STEP, 0])
        return (
          <line key={n} x1={x} x2={x} y1={0} y2={plan.height} className={n % 10 === 0 ? styles.metre : undefined} />
        )
      })}
      {linesBetween(near, far).map((n) => {
        const [, y] = toScreen(plan, [0, n * STEP])
        return <line key={n} x1={0} x2={plan.width} y1={y} y2={y} className={n % 10 === 0 ? styles.metre : undefined} />
      })}
    </g>
  )
})

function linesBetween(from: number, to: number): number[] {
  const first = Math.ceil(from / STEP)
  const count = Math.max(0, Math.floor(to / STEP) - first + 1)
  return Array.from({ length: count }, (_, i) => first + i)
}
