import type { LessonDocument } from '@/documents/lesson-document'
import type { Learning } from '@/teaching/practice/lesson-loads'
import { useWords } from '@/ui/words/use-words'
import { sayPercent } from '@/words/figures'
import type { Pupil } from '../state/use-learning'
import styles from './load.module.css'

type TiredProps = { learning: Learning<Pupil>; lesson: LessonDocument; more: number }

const HEIGHT = 100
const ROOM = 1.18

/** How the leg of whoever is hardest pressed tires through the hour, against what it is used to at a stretch. */
export function Tired({ learning, lesson, more }: TiredProps) {
  const words = useWords()
  const { hour, budget, pressed, person } = learning
  const { side } = pressed
  const limit = budget.stretch[side]
  const most = Math.max(limit, ...hour.curve.map(({ tired }) => tired[side])) * ROOM
  const seconds = lesson.pieces.reduce((sum, { minutes }) => sum + minutes * 60, 0)
  const x = (atS: number) => (atS / Math.max(1, seconds)) * 1000
  const y = (nms: number) => HEIGHT - (nms / most) * HEIGHT
  const line = hour.curve.map(({ atS, tired }) => `${x(atS).toFixed(1)} ${y(tired[side]).toFixed(1)}`).join('L')
  const used = words.say(`lesson.load.limit.${budget.from}`, { more: sayPercent(more, words) })
  return (
    <figure className={styles.tired}>
      <figcaption>
        <strong>{words.say('lesson.load.hardest', { side, name: person.person.name })}</strong>
        <span style={{ top: `calc(${(y(limit) / HEIGHT) * 100}% )` }}>{used}</span>
      </figcaption>
      <svg viewBox={`0 0 1000 ${HEIGHT}`} preserveAspectRatio="none" aria-hidden="true">
        {lesson.pieces.map((piece, i) => {
          const from = lesson.pieces.slice(0, i).reduce((sum, { minutes }) => sum + minutes * 60, 0)
          return piece.kind === 'rest' ? (
            <rect
              key={piece.id}
              x={x(from)}
              width={x(piece.minutes * 60)}
              y={0}
              height={HEIGHT}
              fill="var(--paper-deep)"
            />
          ) : null
        })}
        <path d={`M0 ${HEIGHT}L${line}L1000 ${HEIGHT}Z`} fill="var(--clay-wash)" />
        <line
          x1="0"
          x2="1000"
          y1={y(limit)}
          y2={y(limit)}
          stroke="var(--ink)"
          strokeWidth="1.6"
          strokeDasharray="5 5"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={`M${line}`}
          fill="none"
          stroke="var(--clay)"
          strokeWidth="3"
          strokeLinejoin="round"
          vectorEffect="non-scaling-stroke"
        />
        <line
          x1="0"
          x2="1000"
          y1={HEIGHT}
          y2={HEIGHT}
          stroke="var(--line)"
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </figure>
  )
}
