'use client'

import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { useMemo, useState } from 'react'
import { layOut, resolveBody, type SchoolId } from '@/core'
import { mergeLibrary } from '@/documents/posture-document'
import type { BenchPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { Group } from '@/records/groups'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { PageHead } from '@/ui/places/PageHead'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayList } from '@/words/lists'
import { sayPostureName } from '@/words/postures'
import { ChooseTrained, WhatCan } from '../Heading'
import styles from '../repertoire.module.css'
import { type Trained, trains } from '../rows'
import { FITS, type GroupRow, gatherGroup } from './group-rows'
import { useGroupRepertoire } from './use-group-repertoire'

type GroupRepertoireProps = {
  groups: readonly Group[]
  group: Group
  members: readonly BenchPerson[]
  own: readonly OwnPosture[]
}

/** What a group can do today, whoever is away left out: postures that fit everybody first, each with who does what. */
export function GroupRepertoire({ groups, group, members, own }: GroupRepertoireProps) {
  const t = useSay('screens.repertoire')
  const say = useSay('repertoire.group')
  const words = useWords()
  const [school, setSchool] = useState<SchoolId>('therapeutic')
  const [trained, setTrained] = useState<Trained>('all')
  const library = useMemo(() => mergeLibrary(own), [own])
  const here = useMemo(() => members.filter(({ mark }) => mark !== 'away'), [members])
  const { asked, known, left, failed } = useGroupRepertoire(here, group.id, library, school)
  const { rows, sit, hold } = useMemo(() => gatherGroup(asked, left === 0 ? known : []), [asked, known, left])
  const shown = rows.filter(({ posture }) => trains(posture, school, trained))
  const away = members.filter(({ mark }) => mark === 'away').map(({ name }) => name)
  const waiting = here.filter(({ unanswered }) => unanswered.length > 0).map(({ name }) => name)
  return (
    <main id="about" tabIndex={-1} className={styles.repertoire}>
      <PageHead
        at="/class"
        tools={<Button href={`/class?group=${encodeURIComponent(group.id)}`}>{say('class')}</Button>}
      >
        <WhatCan who="group" label={t('group')} id={group.id} others={groups} school={school} onSchool={setSchool} />
        <p aria-live="polite">{saySum()}</p>
      </PageHead>
      {away.length > 0 && <p className={styles.orders}>{say('away', { names: sayList(away, words) })}</p>}
      {sit.length > 0 && <p className={styles.orders}>{say('sit', { names: sayList(sit, words) })}</p>}
      {hold.length > 0 && <p className={styles.orders}>{say('hold', { names: sayList(hold, words) })}</p>}
      {waiting.length > 0 && <p className={styles.caution}>{say('unanswered', { names: sayList(waiting, words) })}</p>}
      <ChooseTrained value={trained} onChoose={setTrained} />
      {FITS.map((fits) => {
        const some = shown.filter((row) => row.fits === fits)
        return some.length === 0 ? null : (
          <section key={fits} aria-label={say(`heading.${fits}`)}>
            <h2>
              {say(`heading.${fits}`)} <small>{some.length}</small>
            </h2>
            <ul className={styles.cards}>
              {some.map((row) => (
                <GroupCard
                  key={row.posture.id}
                  row={row}
                  people={here}
                  all={here.length - sit.length}
                  group={group.id}
                  school={school}
                />
              ))}
            </ul>
          </section>
        )
      })}
      {left === 0 && here.length > 0 && shown.length === 0 && (
        <p className={styles.orders}>{words.say('repertoire.nothing')}</p>
      )}
    </main>
  )

  function saySum(): string {
    if (failed) return words.say('repertoire.failed')
    if (here.length === 0) return say('nobody')
    if (left > 0) return say('working', { left, all: here.length })
    const count = (fits: GroupRow['fits']) => rows.filter((row) => row.fits === fits).length
    return say('sum', {
      people: here.length - sit.length,
      all: count('all'),
      one: count('one'),
      standing: count('standing'),
    })
  }
}

type GroupCardProps = {
  row: GroupRow
  people: readonly BenchPerson[]
  /** Of so many who stand at all. */
  all: number
  group: string
  school: SchoolId
}

/** A posture as it is taught, and who of the group does what in its place. */
function GroupCard({ row: { posture, asTaught, by }, people, all, group, school }: GroupCardProps) {
  const say = useSay('repertoire.group')
  const words = useWords()
  const drawn = useMemo(() => {
    const body = resolveBody({ ...toMiddle(people), sex: 'unspecified' })
    return { body, stance: layOut(posture.measures[school], body, 'left', posture.id, posture.keeps) }
  }, [people, posture, school])
  const address = `/class?group=${encodeURIComponent(group)}&posture=${encodeURIComponent(posture.id)}`
  return (
    <li>
      <ButtonBase className={styles.card} href={address}>
        <SmallFloor body={drawn.body} stance={drawn.stance} width={84} height={84} />
        <span className={styles.said}>
          <strong>{sayPostureName(posture, words)}</strong>
          <span>{say('asTaught', { n: asTaught, all })}</span>
          {by.map(({ form, names }) => (
            <small key={form}>
              {words.say(`repertoire.heading.${form}`)}: {sayList(names, words)}
            </small>
          ))}
        </span>
      </ButtonBase>
    </li>
  )
}

/** A body of the group's middle size: only for a drawing. */
function toMiddle(people: readonly BenchPerson[]): { stature: number; mass: number } {
  const middle = (values: number[]) => values.toSorted((a, b) => a - b)[values.length >> 1] as number
  return {
    stature: middle(people.map(({ document }) => document.statureM)),
    mass: middle(people.map(({ document }) => document.massKg)),
  }
}
