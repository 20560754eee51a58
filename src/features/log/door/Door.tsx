import Button from '@mui/material/Button'
import { type KeyboardEvent, useMemo, useState } from 'react'
import type { HouseWays } from '@/documents/choices-document'
import { addDays } from '@/documents/days'
import type { LessonDocument } from '@/documents/lesson-document'
import { readLogCsv, writeLogCsv } from '@/documents/log-csv'
import type { LogDocument, LogRow } from '@/documents/log-document'
import { parseJson } from '@/documents/parse'
import type { PracticeDocument } from '@/documents/practice-rules'
import type { BenchPerson, NamedPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { BroughtIn } from '@/keeping/log'
import type { OwnRoutine } from '@/keeping/routines'
import type { BodyUnits } from '@/records/body-units'
import type { Group } from '@/records/groups'
import type { Answered } from '@/teaching/practice/group-view'
import { ask } from '@/ui/api/ask'
import { OnThisMachine } from '@/ui/api/OnThisMachine'
import { useAttempt } from '@/ui/api/use-attempt'
import { download } from '@/ui/files/download'
import { OpenFileButton } from '@/ui/files/OpenFileButton'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import { ChoiceButton } from '@/ui/words/ChoiceButton'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayRefusal } from '@/words/fields'
import { sayDay, sayLesson } from '@/words/lessons'
import { makeStock } from '@/workers/lesson'
import styles from './door.module.css'
import { GroupView } from './GroupView'
import { PersonLines } from './PersonLines'
import { useDay } from './use-day'
import { useDid } from './use-did'

export type DoorProps = {
  groups: readonly Group[]
  group: Group
  day: string
  today: string
  members: readonly BenchPerson[]
  names: readonly NamedPerson[]
  rows: readonly LogRow[]
  /** Days that something was written down or planned for. */
  days: readonly string[]
  lesson: LessonDocument | null
  /** Who was in the group when its roll was called on that day; null where it was not. */
  roll: readonly string[] | null
  /** What was written down of the group in the weeks up to the day. */
  recent: readonly LogRow[]
  practice: PracticeDocument
  answered: Answered
  own: readonly OwnPosture[]
  routines: readonly OwnRoutine[]
  ways: HouseWays
  units: BodyUnits
}
const DAYS_BACK = 7
const NEW = 'new'

const goTo = (group: string, day: string) =>
  window.location.assign(`/log?group=${encodeURIComponent(group)}&day=${day}`)

/** Enter goes to the next field, arrows to the same field of the next person. */
function onKeyDown(event: KeyboardEvent<HTMLElement>): void {
  const { key, target } = event
  const at = (target as Element).closest('[data-field]')
  if (!at || !['Enter', 'ArrowDown', 'ArrowUp'].includes(key)) return
  if (key === 'Enter' && at.getAttribute('role') !== 'radiogroup') return
  event.preventDefault()
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-field]')]
  const index = all.indexOf(at as HTMLElement)
  const kind = labelOf(at)
  const next =
    key === 'Enter'
      ? all[index + 1]
      : (key === 'ArrowDown' ? all.slice(index + 1) : all.slice(0, index).reverse()).find(
          (one) => labelOf(one) === kind,
        )
  const focus = next?.matches('button') ? next : next?.querySelector<HTMLElement>('button[tabindex="0"], button')
  focus?.focus()
}

const labelOf = (field: Element): string => (field.getAttribute('aria-label') ?? '').split(',')[0] ?? ''

/** What happened, written down at the door: everyone of the class, two lines each. */
export function Door(props: DoorProps) {
  const say = useSay('log')
  const words = useWords()
  const { groups, group, day, today, members, names, rows, days, lesson, roll, recent, practice, answered } = props
  const { own, routines, ways, units } = props
  const stock = useMemo(() => makeStock(own, routines, ways, words), [own, routines, ways, words])
  const { postures } = stock
  const at = useMemo(() => ({ group: group.id, day, isToday: day === today, lesson }), [group.id, day, today, lesson])
  const did = useDid(members, at, stock)
  const of = useMemo(() => ({ ...at, did, roll }), [at, did, roll])
  const on = useDay(of, members, names, rows)
  const live = useMemo(() => [...recent.filter((row) => row.day !== day), ...on.rows], [recent, on.rows, day])
  const [adding, setAdding] = useState(false)
  const [told, setTold] = useState<string | null>(null)
  const done = on.attendees.filter(({ shown }) => shown.came === false || shown.effort !== null).length
  const choices = [...new Set([...days, day, ...Array.from({ length: DAYS_BACK }, (_, i) => addDays(today, -i))])]
  const { problem, attempt } = useAttempt()
  const takeOut = (as: 'csv' | 'json') =>
    attempt(async () => {
      const log = await ask<LogDocument>('/api/log', 'GET')
      if (as === 'csv') download('log.csv', 'text/csv', writeLogCsv(log))
      else download('log.json', 'application/json', JSON.stringify(log, null, 2))
    }, say('tools.notOut'))
  const bringIn = async (file: File) => {
    setTold(null)
    await attempt(async () => {
      const text = await file.text()
      const log = text.trimStart().startsWith('{') ? parseJson(text) : readLogCsv(text)
      const { rows: n, unknown, several } = await ask<BroughtIn>('/api/log', 'PUT', log)
      setTold(
        [
          say('tools.broughtIn', { n }),
          unknown.length > 0 && say('tools.unknown', { names: unknown.join(', ') }),
          several.length > 0 && say('tools.several', { names: several.join(', ') }),
        ]
          .filter(Boolean)
          .join(' '),
      )
    }, say('tools.notIn'))
  }
  const { waiting, unkept, refused } = on.outbox
  return (
    <main id="about" tabIndex={-1} className={styles.door} onKeyDown={onKeyDown}>
      <PageHead
        at="/log"
        tools={
          <>
            <Button onClick={() => takeOut('csv')}>{say('tools.csv')}</Button>
            <Button onClick={() => takeOut('json')}>{say('tools.json')}</Button>
            <OpenFileButton label={say('tools.in')} accept=".csv,.json,text/csv,application/json" onFile={bringIn}>
              {say('tools.in')}
            </OpenFileButton>
          </>
        }
      >
        <h1>
          <ChoiceWord
            label={say('title.group')}
            value={group.id}
            choices={groups.map(({ id, name }) => ({ value: id, name }))}
            onChoose={(id) => goTo(id, day)}
          />{' '}
          {say('title.on')}{' '}
          <ChoiceWord
            label={say('title.day')}
            value={day}
            choices={choices
              .sort()
              .reverse()
              .map((one) => ({ value: one, name: sayDay(one, words, today.slice(0, 4)) }))}
            onChoose={(one) => goTo(group.id, one)}
            then="."
          />{' '}
          <strong>{say('done', { n: done, all: on.attendees.length })}</strong>
        </h1>
      </PageHead>
      <p className={styles.about}>
        {lesson ? `${sayLesson(lesson, words)}.` : say('noLesson')} {say('keys')}
      </p>
      {told && <p role="status">{told}</p>}
      {problem && <p role="alert">{problem}</p>}
      {refused && <p role="alert">{say('tools.refused', { why: sayRefusal(refused.why, words) })}</p>}
      <OnThisMachine outbox={on.outbox} />
      <p role="status" className={waiting > 0 ? styles.waiting : 'for-ears'}>
        {waiting > 0
          ? waiting > unkept && say('tools.waiting', { n: waiting - unkept })
          : say(refused ? 'tools.savedElse' : 'tools.saved')}
      </p>
      {on.attendees.length === 0 ? (
        <p>{say('title.nobody')}</p>
      ) : (
        <p className={styles.acts}>
          <Button variant="contained" onClick={on.everybody}>
            {say('tools.everybody')}
          </Button>
          <ChoiceButton
            label={say('tools.walkIn')}
            choices={[
              { value: NEW, name: say('tools.new') },
              ...names
                .filter(({ id }) => !on.attendees.some((one) => one.id === id))
                .map(({ id, name, story }) => ({ value: id, name, detail: story })),
            ]}
            onChoose={(id) => (id === NEW ? setAdding(true) : on.walkIn(id))}
          />
        </p>
      )}
      <GroupView
        group={group}
        people={members}
        postures={postures}
        rows={live}
        day={day}
        practice={practice}
        answered={answered}
      />
      <ul className={styles.people}>
        {on.attendees.map((attendee) => (
          <PersonLines key={attendee.id} attendee={attendee} onSay={on.sayOf} />
        ))}
      </ul>
      <NewPersonSheet
        open={adding}
        units={units}
        groups={groups}
        day={today}
        onClose={() => setAdding(false)}
        onAdded={(id) => {
          // Whoever is new is on the list from the next load on; that they came is on its way, or waits.
          on.walkIn(id)
          goTo(group.id, day)
        }}
      />
    </main>
  )
}
