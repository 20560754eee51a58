'use client'

import Button from '@mui/material/Button'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useMemo, useState } from 'react'
import type { Roster } from '@/keeping/roster'
import type { BodyUnits } from '@/records/body-units'
import { nameGroups } from '@/records/groups'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { useAttempt } from '@/ui/api/use-attempt'
import { Field } from '@/ui/forms/Field'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayPeople } from '@/words/people'
import { choosePeople, EVERYONE, groupsInUse, PUT_AWAY, type SortBy } from './choose-people'
import { GroupNameSheet } from './GroupNameSheet'
import { takeBackIn } from './import/bring-in'
import { type CameIn, ImportSheet } from './import/ImportSheet'
import { takeOutCsv, takeOutWhole } from './import/take-out'
import { PersonRow } from './PersonRow'
import styles from './people.module.css'

const sortsIn = (words: Words): readonly { value: SortBy; name: string }[] => [
  { value: 'name', name: words.say('screens.people.byName') },
  { value: 'steadiness', name: words.say('screens.people.leastSteadyFirst') },
  { value: 'due', name: words.say('screens.people.whatDueFirst') },
]

const notOutIn = (words: Words) => words.say('screens.people.itWasNotTaken')
const stillHereIn = (words: Words) => words.say('screens.people.theyStillHereServer')

/** More than a screen of rows: they are painted with the page, the rest once it has come alive. */
const FIRST = 40

/** Who is in the class, what their limits are, what is due. */
export function PeopleList({
  roster: { rows, groups: all, day: served, aside },
  units,
  bring,
}: {
  roster: Roster
  units: BodyUnits
  /** Opens with a list to bring in. */
  bring: boolean
}) {
  const t = useSay('screens.people')
  const words = useWords()

  const router = useRouter()
  const [group, setGroup] = useState(EVERYONE)
  const [sortBy, setSortBy] = useState<SortBy>('name')
  const [search, setSearch] = useState('')
  const [sheet, setSheet] = useState<'person' | 'import' | 'group' | null>(bring ? 'import' : null)
  /** Who came in from a file just now. */
  const [came, setCame] = useState<CameIn | null>(null)
  const { problem, attempt } = useAttempt()
  const sought = useDeferredValue(search)
  const groups = useMemo(() => groupsInUse(all, rows), [all, rows])
  const open = groups.find(({ id }) => id === group)
  const shown = useMemo(
    () => choosePeople(rows, { group, sortBy, sought }, words),
    [rows, group, sortBy, sought, words],
  )
  const isWhole = useDeferredValue(true, false)
  const due = shown.filter((row) => row.due.length > 0).length
  const day = useDayTurn(served)
  const close = () => setSheet(null)
  return (
    <main id="about" tabIndex={-1} className={styles.people}>
      <PageHead at="/people">
        <h1>
          <ChoiceWord
            label={t('group')}
            value={group}
            choices={[
              { value: EVERYONE, name: t('everyone') },
              ...groups.map(({ id, name }) => ({ value: id, name })),
              { value: PUT_AWAY, name: t('archived') },
            ]}
            onChoose={setGroup}
            then=","
          />{' '}
          <ChoiceWord label={t('order')} value={sortBy} choices={sortsIn(words)} onChoose={setSortBy} then=":" />{' '}
          {sayPeople(shown.length, words)}
          {due > 0 && t('somethingDueForDue', { due })}.
        </h1>
      </PageHead>
      <div className={styles.tools}>
        <Field
          className={styles.search}
          type="search"
          aria-label={t('searchNamesNotesLimits')}
          placeholder={t('aNameLimitWord')}
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <Button variant="contained" onClick={() => setSheet('person')}>
          {t('somebodyNew')}
        </Button>
        <Button onClick={() => setSheet('import')}>{t('bringInList')}</Button>
        <Button
          disabled={shown.length === 0}
          onClick={() => {
            const ids = shown.map(({ id }) => id)
            attempt(() => takeOutCsv(ids, units, words), notOutIn(words))
          }}
        >
          {shown.length === rows.length ? t('takeOutAsTable') : t('takeOutTheseN', { n: shown.length })}
        </Button>
        <Button onClick={() => attempt(takeOutWhole, notOutIn(words))}>{t('takeOutWholeHouse')}</Button>
        {open && <Button onClick={() => setSheet('group')}>{t('renameGroup2')}</Button>}
      </div>
      {problem && <p role="alert">{problem}</p>}
      <SetAsideNote aside={aside} />
      {rows.length === 0 ? (
        <p className={styles.nobody}>{t('nobodyOnListYet')}</p>
      ) : shown.length === 0 ? (
        <p className={styles.nobody}>{t('nobodyHereFits')}</p>
      ) : (
        <ul className={styles.class}>
          {shown.slice(0, isWhole ? undefined : FIRST).map((row) => (
            <PersonRow
              key={row.id}
              row={row}
              day={day}
              groups={group === EVERYONE ? nameGroups(row.groups, all).join(', ') : ''}
            />
          ))}
        </ul>
      )}
      <NewPersonSheet
        open={sheet === 'person'}
        onClose={close}
        units={units}
        day={day}
        groups={groups}
        onAdded={(id) => window.location.assign(`/people/${id}`)}
      />
      <ImportSheet
        open={sheet === 'import'}
        onClose={close}
        units={units}
        names={rows.map(({ name }) => name)}
        onDone={(who) => {
          close()
          setCame(who)
          router.refresh()
        }}
      />
      <UndoSnack
        open={came !== null}
        message={came?.message ?? ''}
        action={t('takeThemBackOut')}
        onUndo={async () => {
          if (!(await attempt(() => takeBackIn(came?.people ?? []), stillHereIn(words)))) return
          setCame(null)
          router.refresh()
        }}
      />
      {open && (
        <GroupNameSheet
          open={sheet === 'group'}
          onClose={close}
          group={open}
          onDone={() => {
            close()
            router.refresh()
          }}
        />
      )}
    </main>
  )
}
