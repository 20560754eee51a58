import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useState } from 'react'
import { SIDES } from '@/core'
import type { LessonDocument } from '@/documents/lesson-document'
import type { Learning, Mend } from '@/teaching/practice/lesson-loads'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Named } from '@/words/lessons'
import type { Pupil } from '../state/use-learning'
import styles from './load.module.css'
import { Past } from './Past'
import { Tired } from './Tired'

type LoadProps = {
  learning: Learning<Pupil>[] | null
  /** What it was worked out of. */
  lesson: LessonDocument
  isStale: boolean
  broken: boolean
  /** Another way of the hardest piece that mends it for the hardest pressed. */
  otherWay: Mend | null
  named: Named
  /** How much more than used to is a lot. */
  more: number
}

/** What the hour asks: whoever passes what they are used to, with what mends it; how it tires them, behind one word. */
export function Load({ learning, lesson, isStale, broken, otherWay, named, more }: LoadProps) {
  const say = useSay('lesson.load')
  const [all, setAll] = useState(false)
  const hardest = learning?.[0]
  const works = hardest && hardest.hour.load.kneeNms.left + hardest.hour.load.kneeNms.right > 0
  return (
    <section className={styles.load} aria-label={say('label')} data-stale={isStale}>
      <h2>{say('asks')}</h2>
      {isStale && <LinearProgress aria-label={say('working')} />}
      {broken && <p role="alert">{say('broken')}</p>}
      {learning && !works && <p>{say('nobody')}</p>}
      {hardest && works && (
        <>
          <Past learning={learning} lesson={lesson} otherWay={otherWay} named={named} />
          <Button aria-expanded={all} onClick={() => setAll(!all)} className={styles.more}>
            {say(all ? 'less' : 'curves')}
          </Button>
          {all && (
            <>
              <Tired learning={hardest} lesson={lesson} more={more} />
              <Legs learning={hardest} />
            </>
          )}
        </>
      )}
    </section>
  )
}

/** Left against right: minutes under load, and weight shifts. */
function Legs({ learning: { hour } }: { learning: Learning<Pupil> }) {
  const say = useSay('lesson.load')
  const words = useWords()
  const { loadedS, shifts, kneeNms } = hour.load
  const most = Math.max(kneeNms.left, kneeNms.right, 1)
  return (
    <dl className={styles.legs}>
      {SIDES.map((side) => (
        <div key={side}>
          <dt>{say('side', { side })}</dt>
          <dd>
            <span data-side={side} style={{ width: `${(kneeNms[side] / most) * 40}%` }} />
            {say('under', { minutes: words.number(loadedS[side] / 60, 1), shifts: shifts[side] })}
          </dd>
        </div>
      ))}
    </dl>
  )
}
