import { useMemo } from 'react'
import type { LogRow } from '@/formats/log-document'
import { type PracticeDocument, toPractice } from '@/formats/practice-rules'
import { listDrifting, readStandings } from '@/records/practice/group-view'
import { ENGLISH } from '@/words/language'
import { sayList } from '@/words/lists'
import styles from './door.module.css'

type GroupViewProps = {
  people: readonly { id: string; name: string }[]
  rows: readonly LogRow[]
  day: string
  practice: PracticeDocument
}

const say = (key: string, values?: Record<string, string>) => ENGLISH.say(`practice.group.${key}`, values)

/** Of the group: who is ready for more, who for less, whom a clinician should hear of, who drifts away from the rest. */
export function GroupView({ people, rows, day, practice }: GroupViewProps) {
  const standings = useMemo(() => readStandings(people, rows, day, toPractice(practice)), [people, rows, day, practice])
  const names = (is: (one: (typeof standings)[number]) => boolean) => standings.filter(is)
  const line = (key: string, some: readonly { id: string; name: string }[]) =>
    some.length > 0 && <li key={key}>{say(key, { names: sayList(some.map(({ name }) => name)) })}</li>
  const drifting = listDrifting(standings)
  const lines = [
    line(
      'concerned',
      names(({ concerned }) => concerned),
    ),
    line(
      'easier',
      names(({ decision }) => decision.way === 'easier'),
    ),
    line(
      'ready',
      names(({ decision }) => decision.way === 'harder'),
    ),
    ...drifting.map(({ name, more }) => (
      <li key={`drift ${name}`}>{say('behind', { names: name, more: ENGLISH.number(more, 1) })}</li>
    )),
  ].filter(Boolean)
  if (standings.every(({ days }) => days.length === 0)) return null
  return (
    <section className={styles.group} aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <ul>{lines.length > 0 ? lines : <li>{say('calm')}</li>}</ul>
    </section>
  )
}
