import type { Body, ShownPath, Vec2 } from '@/core'
import { findInstant } from '@/ui/figure/instant'
import { useWords } from '@/ui/words/use-words'
import type { Trouble } from '../trouble/list-troubles'
import { letterOf, sayTrouble } from '../trouble/say-trouble'
import { showTrouble } from '../trouble/show-trouble'
import styles from './floor.module.css'
import { pressed } from './pressed'
import { type RoomPlan, roomToScreen } from './room-plan'

type TroublePinsProps = { path: ShownPath; body: Body; plan: RoomPlan; troubles: readonly Trouble[] }

/** How far over the body's head a pin's is, how tall it is at the least, and how near two may stand, pixels. */
const OVER = 20
const LEAST = 44
const APART = 34

/** What is wrong, pinned to the floor where it happens; a pin leads to its instant. */
export function TroublePins({ path, body, plan, troubles }: TroublePinsProps) {
  const words = useWords()
  const tall = Math.max(LEAST, body.stature * plan.scale * plan.view.level + OVER)
  const taken: Vec2[] = []
  return troubles.map((trouble, i) => {
    const between = findInstant(path, trouble.atS)
    const centre = between?.from?.centre ?? between?.centre
    if (!centre) return null
    const [x, y] = roomToScreen(plan, centre)
    const head = findFree([x, y - tall], taken, plan)
    taken.push(head)
    return (
      <g
        key={trouble.key}
        role="button"
        {...pressed(() => showTrouble(trouble))}
        className={styles.pin}
        data-severity={trouble.severity}
        aria-label={`${letterOf(i)}: ${sayTrouble(trouble, words)}`}
      >
        <line x1={x} y1={y} x2={head[0]} y2={head[1]} />
        <circle cx={head[0]} cy={head[1]} r="22" className={styles.reachOfPin} />
        <circle cx={head[0]} cy={head[1]} r="14" />
        <text x={head[0]} y={head[1] + 6} textAnchor="middle">
          {letterOf(i)}
        </text>
      </g>
    )
  })
}

/** Aside of those that stand there already, and inside of what is shown. */
function findFree([x, y]: Vec2, taken: readonly Vec2[], { width }: RoomPlan): Vec2 {
  const top = Math.max(18, y)
  const free = [0, 1, -1, 2, -2]
    .map((by): Vec2 => [x + by * APART, top])
    .find(([at]) => at > 18 && at < width - 18 && taken.every(([tx, ty]) => Math.hypot(tx - at, ty - top) >= APART - 1))
  return free ?? [x, top]
}
