import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { decide, listConcerns } from '@/core'
import type { LogRow } from '@/documents/log-document'
import { mergeLibrary } from '@/documents/posture-document'
import { toPractice } from '@/documents/practice-rules'
import type { TestId } from '@/documents/record-document'
import { bodyOf } from '@/documents/to-core'
import type { NamedPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { LastLesson, Weeks as WeeksOf } from '@/keeping/weeks'
import { countingTrial, SIMPLE_TESTS } from '@/records/simple-tests'
import { listClassDays, listDoneDays } from '@/teaching/practice/class-days'
import { listDoing } from '@/teaching/practice/doing'
import { PageHead } from '@/ui/places/PageHead'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayConcern, sayStory } from '@/words/practice'
import { sayReference } from '@/words/records'
import type { Row } from './Chart'
import { Charts, type Doing } from './Charts'
import { ClinicianPage } from './ClinicianPage'
import { Complaints } from './Complaints'
import { Decide } from './Decide'
import styles from './weeks.module.css'

export type WeeksProps = {
  weeks: WeeksOf
  last: LastLesson | null
  names: readonly NamedPerson[]
  own: readonly OwnPosture[]
  today: string
}

/** How somebody is doing, and what next: the reasons and the proposal before the charts. */
export function Weeks({ weeks, last, names, own, today }: WeeksProps) {
  const say = useSay('practice')
  const words = useWords()
  const { person, record, kept } = weeks
  // What was tried on a day to come says nothing of how they are.
  const rows = useMemo(() => weeks.rows.filter(({ day }) => day <= today), [weeks.rows, today])
  const [decided, setDecided] = useState(weeks.decided)
  const [paper, setPaper] = useState(false)
  const rules = useMemo(() => toPractice(weeks.practice), [weeks.practice])
  const days = useMemo(() => listClassDays(rows), [rows])
  const done = useMemo(() => listDoneDays(rows, rules), [rows, rules])
  const decision = useMemo(() => decide(days, today, rules, decided.at(-1)?.day ?? null), [days, today, rules, decided])
  const concerns = useMemo(() => listConcerns(days, rules), [days, rules])
  const postures = useMemo(() => mergeLibrary(own), [own])
  const body = useMemo(() => bodyOf(person.document), [person])
  const planned = useMemo(() => listDoing(body, person.planned, postures), [body, person, postures])
  const spare = useMemo(() => readSpare(rows), [rows])
  const doing = useMemo(() => readDoing(rows), [rows])
  const stands = useMemo(() => readStands(record, words), [record, words])
  const came = days.filter((one) => one.came).length
  const groupOf = (day: string) => rows.find((row) => row.day === day)?.group ?? person.groups[0]?.id ?? ''
  const open = (day: string) =>
    day && window.location.assign(`/log?group=${encodeURIComponent(groupOf(day))}&day=${day}`)
  if (paper)
    return (
      <ClinicianPage
        weeks={{ ...weeks, rows }}
        days={days}
        concerns={concerns}
        today={today}
        onClose={() => setPaper(false)}
      />
    )
  return (
    <main id="about" tabIndex={-1} className={styles.weeks}>
      <PageHead
        at="/log"
        tools={
          <>
            <Button onClick={() => setPaper(true)}>{say('concerns.page')}</Button>
            <Button href={`/bench?person=${encodeURIComponent(person.id)}`}>{say('title.bench')}</Button>
            <Button href={`/people/${encodeURIComponent(person.id)}`}>{say('title.page')}</Button>
          </>
        }
      >
        <h1>
          <ChoiceWord
            label={say('title.person')}
            value={person.id}
            choices={names.map(({ id, name, story }) => ({ value: id, name, detail: story }))}
            onChoose={(id) => window.location.assign(`/log?person=${encodeURIComponent(id)}`)}
          />{' '}
          {say('title.weeks')}: <strong>{say('charts.attended', { came, all: days.length })}</strong>
        </h1>
      </PageHead>
      {days.length === 0 ? (
        <p>{say('title.none', { name: person.name })}</p>
      ) : (
        <>
          <p className={styles.story}>{sayStory(days, words)}</p>
          <div className={styles.work}>
            <Charts
              days={days.filter((one) => one.came)}
              done={done}
              spare={spare}
              limits={{ effort: rules.easierEffort, pain: rules.easierPain }}
              doing={doing}
              stands={stands}
              rows={rows}
              onOpen={open}
            />
            <div className={styles.next}>
              {concerns.length > 0 && (
                <section className={styles.concerns} aria-label={say('concerns.label')}>
                  <h2>{say('concerns.label')}</h2>
                  <ul>
                    {concerns.map((one) => (
                      <li key={one.code}>{sayConcern(one, words)}</li>
                    ))}
                  </ul>
                  <p className={styles.soft}>{say('concerns.ask')}</p>
                </section>
              )}
              <Decide
                person={person.id}
                body={body}
                today={today}
                decision={decision}
                doing={planned}
                decided={decided}
                postures={postures}
                onDecided={(one) => setDecided((before) => [...before.filter(({ day }) => day !== one.day), one])}
              />
              <Complaints record={record} person={person} kept={kept} own={own} last={last} rows={rows} today={today} />
            </div>
          </div>
        </>
      )}
    </main>
  )
}

/** The least that was sure of a margin, less its reserve, on each day. */
function readSpare(rows: readonly LogRow[]): Map<string, number> {
  const found = new Map<string, number>()
  for (const { day, spareM } of rows)
    if (typeof spareM === 'number') found.set(day, Math.min(spareM, found.get(day) ?? Number.POSITIVE_INFINITY))
  return found
}

/** The deepest bend, the longest step and the minutes that were done on each day. */
function readDoing(rows: readonly LogRow[]): Map<string, Doing> {
  const found = new Map<string, Doing>()
  const more = (a: number | null | undefined, b: number | null) => (typeof a === 'number' ? Math.max(a, b ?? 0) : b)
  for (const { day, kneeFlexionDeg, stepPct, minutes: own } of rows) {
    const { bend = null, step = null, minutes = 0 } = found.get(day) ?? {}
    found.set(day, { bend: more(kneeFlexionDeg, bend), step: more(stepPct, step), minutes: minutes + (own ?? 0) })
  }
  return found
}

/** The timed stands on one leg, a row a day, with the reference of their age. */
function readStands(
  { tests, body }: WeeksOf['record'],
  words: Words,
): { rows: Row[]; low: number | null; said: string } {
  const of = (id: TestId, on: string) => {
    const entry = tests.find((one) => one.test === id && one.on === on)
    return entry ? countingTrial(entry) : null
  }
  const timed = tests.filter(({ test }) => test === 'one-leg-left' || test === 'one-leg-right')
  const rows = [...new Set(timed.map(({ on }) => on))]
    .sort()
    .map((day): Row => ({ day, left: of('one-leg-left', day), right: of('one-leg-right', day) }))
  const range = SIMPLE_TESTS['one-leg-left'].reference({ sex: body.sex, age: body.ageYears })
  return { rows, low: range?.low ?? null, said: range ? sayReference('one-leg-left', range, words) : '' }
}
