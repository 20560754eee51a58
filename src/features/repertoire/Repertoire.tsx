'use client'

import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { FORMS, type Form, type SchoolId } from '@/core'
import { type HouseWays, toChoices } from '@/documents/choices-document'
import { fromStance } from '@/documents/from-core'
import { mergeLibrary } from '@/documents/posture-document'
import { bodyOf } from '@/documents/to-core'
import type { BenchPerson, NamedPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import { capVerdict } from '@/records/cap-verdict'
import { isBaseEstimated } from '@/records/resolve'
import { sayUnsaved } from '@/ui/api/ask'
import { openOnBench } from '@/ui/api/put-draft'
import { PageHead } from '@/ui/places/PageHead'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayAllBound } from '@/words/limits'
import { sayUnanswered } from '@/words/records'
import { useWaysIn } from '@/workers/use-ways-in'
import { ChooseTrained, WhatCan } from './Heading'
import { RepertoireCard } from './RepertoireCard'
import styles from './repertoire.module.css'
import { gatherRows, listRows, type Row, type Trained, trains } from './rows'
import { useRepertoire } from './use-repertoire'

type RepertoireProps = {
  people: readonly NamedPerson[]
  person: BenchPerson
  own: readonly OwnPosture[]
  ways: HouseWays
}

const NO_ROWS: Row[] = []

/** What somebody can do today: every posture of the library as they do it, the easiest first, to choose from. */
export function Repertoire({ people, person, own, ways }: RepertoireProps) {
  const t = useSay('screens.repertoire')
  const words = useWords()

  const [school, setSchool] = useState<SchoolId>('therapeutic')
  const [trained, setTrained] = useState<Trained>('all')
  const [problem, setProblem] = useState<string | null>(null)
  const library = useMemo(() => mergeLibrary(own), [own])
  const body = useMemo(() => bodyOf(person.document), [person])
  const { asked, found, left, failed } = useRepertoire(body.person, library, school, person.decided)
  const rows = useMemo(() => listRows(asked, found, words), [asked, found, words])
  const byForm = useMemo(() => gatherRows(rows), [rows])
  const standing = useMemo(() => FORMS.flatMap((form) => byForm.get(form) ?? NO_ROWS), [byForm])
  // Whether they get there is worked out once it is known what they do.
  const isKnown = left === 0
  const asks = useMemo(() => {
    const choices = toChoices(school, ways)
    return standing.map(({ found: { stance } }) =>
      isKnown && stance && !stance.seat ? { person: body.person, stance, choices } : null,
    )
  }, [standing, isKnown, school, ways, body])
  const waysIn = useWaysIn(asks)
  const open = async ({ posture, found: { stance } }: Row) => {
    if (!stance) return
    try {
      await openOnBench(person.id, { posture: posture.id, school, stance: fromStance(stance) })
    } catch (error) {
      setProblem(sayUnsaved(error, words))
    }
  }
  const count = (...forms: Form[]) => forms.reduce((sum, form) => sum + (byForm.get(form)?.length ?? 0), 0)
  const isTrained = ({ posture }: Row) => trains(posture, school, trained)
  const shown = (form: Form) => (byForm.get(form) ?? NO_ROWS).filter(isTrained)
  const card = (row: Row) => (
    <RepertoireCard
      key={`${row.posture.id} ${row.sides}`}
      row={{
        ...row,
        found: { ...row.found, verdict: capVerdict(row.found.verdict, person.unanswered.length) },
      }}
      body={body}
      wayIn={waysIn[standing.indexOf(row)]}
      estimated={estimated}
      onOpen={() => open(row)}
    />
  )
  const unanswered = sayUnanswered(person.unanswered, words)
  const estimated = isBaseEstimated(body)
  return (
    <main id="about" tabIndex={-1} className={styles.repertoire}>
      <PageHead
        at="/people"
        tools={<Button href={`/people/${encodeURIComponent(person.id)}`}>{t('theirPage')}</Button>}
      >
        <WhatCan who="person" label={t('person')} id={person.id} others={people} school={school} onSchool={setSchool} />
        <p aria-live="polite">
          {failed
            ? words.say('repertoire.failed')
            : left > 0
              ? words.say('repertoire.working', { left })
              : words.say('repertoire.sum', {
                  stands: count('as-taught'),
                  less: count('less', 'other-use'),
                  hand: count('hand'),
                  one: standing.filter(({ not }) => not !== null).length,
                  seated: count('seated'),
                })}
        </p>
      </PageHead>
      {problem && <p role="alert">{problem}</p>}
      {unanswered && <p className={styles.caution}>{unanswered}</p>}
      {person.beginsWithHand && <p className={styles.caution}>{words.say('records.falls.begin')}</p>}
      {person.limits.length > 0 && <p className={styles.orders}>{sayAllBound(person.limits, words)}.</p>}
      <ChooseTrained value={trained} onChoose={setTrained} />
      {/* While more is found nothing that is there moves: it is sorted once all is known. */}
      {!isKnown && !failed && <ul className={styles.cards}>{rows.filter(isTrained).map(card)}</ul>}
      {FORMS.map((form) => {
        const rows = isKnown || failed ? shown(form) : NO_ROWS
        return rows.length === 0 ? null : (
          <section key={form} aria-label={words.say(`repertoire.heading.${form}`)}>
            <h2>
              {words.say(`repertoire.heading.${form}`)} <small>{rows.length}</small>
            </h2>
            <ul className={styles.cards}>{rows.map(card)}</ul>
          </section>
        )
      })}
      {left === 0 && FORMS.every((form) => shown(form).length === 0) && (
        <p className={styles.orders}>{words.say('repertoire.nothing')}</p>
      )}
    </main>
  )
}
