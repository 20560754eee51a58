import Button from '@mui/material/Button'
import { useState } from 'react'
import { stamp } from '@/clock'
import type { LessonDocument } from '@/documents/lesson-document'
import type { Lesson } from '@/keeping/lessons'
import type { Known } from '@/teaching/practice/stages'
import { type Fit, moveOn, planTerm } from '@/teaching/practice/term'
import { ask } from '@/ui/api/ask'
import { useAttempt } from '@/ui/api/use-attempt'
import { download } from '@/ui/files/download'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { makeCalendar } from '@/words/calendar'
import { type Named, sayAim, sayDay } from '@/words/lessons'
import styles from '../lesson.module.css'

type TermProps = {
  lessons: readonly Lesson[]
  group: { id: string; name: string }
  day: string
  today: string
  lesson: LessonDocument
  named: Named
  known: Known
  fitHour: Fit
  onLessons: (lessons: Lesson[]) => void
  onOpen: (day: string) => void
}
const WEEKS = 7

/** The lessons of a group one after another, as marks along a line; planning those that follow, and missing one. */
export function Term(props: TermProps) {
  const say = useSay('lesson.term')
  const words = useWords()
  const { lessons, group, day, today, lesson, named, known, fitHour, onLessons, onOpen } = props
  const [weeks, setWeeks] = useState(WEEKS)
  const [isPlanning, setPlanning] = useState(false)
  const { problem, attempt } = useAttempt()
  const mine = lessons.filter((one) => one.group === group.id).sort((a, b) => a.day.localeCompare(b.day))
  const others = lessons.filter((one) => one.group !== group.id)
  const follow = () =>
    attempt(async () => {
      const had = mine.filter((one) => one.day < day).map(({ document }) => document)
      const planned: Lesson[] = []
      setPlanning(true)
      try {
        const there = (on: string) => mine.find((one) => one.day === on)?.document
        const plan = planTerm({ day, document: lesson }, weeks, { had, known, fitHour, there })
        for await (const { day: on, document } of plan)
          planned.push(await ask<Lesson>('/api/lessons', 'PUT', { group: group.id, day: on, revision: 0, document }))
      } finally {
        setPlanning(false)
        onLessons([...lessons, ...planned])
      }
    }, say('notAll'))
  const miss = () =>
    attempt(async () => {
      const moves = moveOn(
        mine.filter(({ document }) => !document.taughtAt).map((one) => one.day),
        day,
      )
      const moved = await ask<Lesson[]>('/api/lessons', 'PATCH', { group: group.id, moves })
      onLessons([...others, ...moved])
      onOpen(moves[0]?.to ?? day)
    }, say('notMoved'))
  const takeOut = () =>
    download(
      'term.ics',
      'text/calendar',
      makeCalendar(
        mine
          .filter((one) => one.day >= today)
          .map((one) => ({ group: group.name, day: one.day, lesson: one.document })),
        named,
        stamp(),
        words,
      ),
    )
  const isKept = mine.some((one) => one.day === day)
  return (
    <section className={styles.term} aria-label={say('label')}>
      <ol>
        {mine.map((one) => (
          <li key={one.day} data-past={one.day < today}>
            <Button
              aria-current={one.day === day ? 'date' : undefined}
              aria-label={say('open', { day: sayDay(one.day, words) })}
              onClick={() => onOpen(one.day)}
            >
              {words.day(one.day, today.slice(0, 4))}
            </Button>
            <small>
              {one.document.aim ? sayAim(one.document.aim, words) : ''}
              {one.document.taughtAt && ` · ${say('taught')}`}
            </small>
          </li>
        ))}
      </ol>
      {lesson.pieces.length > 0 && (
        <p className={styles.acts}>
          <NumberWord label={say('count')} value={weeks} unit="" step={1} min={1} max={30} onChange={setWeeks} />{' '}
          {say('weekly')}{' '}
          <Button onClick={follow} disabled={isPlanning}>
            {say('plan')}
          </Button>
          {isKept && !lesson.taughtAt && <Button onClick={miss}>{say('missed')}</Button>}
          {mine.length > 0 && <Button onClick={takeOut}>{words.say('lesson.tools.ics')}</Button>}
        </p>
      )}
      {isPlanning && <p role="status">{words.say('lesson.proposal.fitting')}</p>}
      {problem && <p role="alert">{problem}</p>}
    </section>
  )
}
