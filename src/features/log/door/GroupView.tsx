import { useMemo } from 'react'
import type { LogRow } from '@/documents/log-document'
import type { Posture } from '@/documents/posture-document'
import { type PracticeDocument, toPractice } from '@/documents/practice-rules'
import type { BenchPerson } from '@/keeping/bench'
import type { Group } from '@/records/groups'
import { type Answered, listDrifting, listUnfit, readStandings } from '@/teaching/practice/group-view'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayList } from '@/words/lists'
import { sayPostureName } from '@/words/postures'
import styles from './door.module.css'

type GroupViewProps = {
  group: Group
  people: readonly BenchPerson[]
  postures: readonly Posture[]
  rows: readonly LogRow[]
  day: string
  practice: PracticeDocument
  answered: Answered
}

/** Whoever sits, holds on, has somebody beside them, or may not put all weight on a leg, is never said to be ready for more. */
const mayMore = (person: BenchPerson | undefined): boolean =>
  !person?.helperBeside &&
  !person?.limits.some(
    ({ what, entry }) =>
      what === 'support' ||
      (what === 'seatedOnly' && entry.value === true) ||
      (what === 'loadMaxPct' && Number(entry.value) < 100),
  )

/** Who needs you now: who is ready for more, who for less, whom a clinician should hear of, who drifts away from the rest. */
export function GroupView({ group, people, postures, rows, day, practice, answered }: GroupViewProps) {
  const say = useSay('practice.group')
  const words = useWords()
  const standings = useMemo(
    () => readStandings(people, rows, day, toPractice(practice), answered),
    [people, rows, day, practice, answered],
  )
  const names = (is: (one: (typeof standings)[number]) => boolean) => standings.filter(is)
  const line = (key: string, some: readonly { id: string; name: string }[]) =>
    some.length > 0 && (
      <li key={key}>
        {say(key, {
          names: sayList(
            some.map(({ name }) => name),
            words,
          ),
        })}
      </li>
    )
  const drifting = listDrifting(standings)
  const planned = new Map(
    people.map(({ id, planned: all }) => [
      id,
      all.filter((one) => one.group === group.name && one.kind === 'level').map(({ posture }) => posture),
    ]),
  )
  const nameOf = (posture: string) => {
    const found = postures.find(({ id }) => id === posture)
    return found ? sayPostureName(found, words) : posture
  }
  const lines = [
    line(
      'grave',
      names(({ decision }) => decision.grave.length > 0),
    ),
    line(
      'concerned',
      names(({ concerned }) => concerned),
    ),
    line(
      'unanswered',
      people.filter(({ unanswered }) => unanswered.length > 0),
    ),
    line(
      'easier',
      names(({ decision }) => decision.way === 'easier' && decision.grave.length === 0),
    ),
    line(
      'ready',
      names(({ id, decision }) => decision.way === 'harder' && mayMore(people.find((one) => one.id === id))),
    ),
    ...drifting.map(({ name, more }) => (
      <li key={`drift ${name}`}>{say('behind', { names: name, more: words.number(more, 1) })}</li>
    )),
    ...listUnfit(standings, planned).map(({ posture, n }) => (
      <li key={`levels ${posture}`}>
        {say('levels', { n, posture: nameOf(posture) })}{' '}
        <a href={`/class?group=${encodeURIComponent(group.id)}&posture=${encodeURIComponent(posture)}`}>{say('fit')}</a>
      </li>
    )),
  ].filter(Boolean)
  if (standings.every(({ days }) => days.length === 0)) return null
  return (
    <section className={styles.group} aria-label={say('label')} aria-live="polite">
      <h2>{say(lines.length > 0 ? 'label' : 'calm')}</h2>
      {lines.length > 0 && <ul>{lines}</ul>}
    </section>
  )
}
