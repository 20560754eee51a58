'use client'

import Button from '@mui/material/Button'
import { useMemo } from 'react'
import type { KeptStance } from '@/keeping/bench'
import type { HouseSettings } from '@/keeping/house'
import type { OwnPosture } from '@/keeping/library'
import { findToday } from '@/records/binding'
import type { Group } from '@/records/groups'
import type { KeptRecord } from '@/records/kept-record'
import { resolveRecord } from '@/records/resolve'
import { readStanding } from '@/records/standing'
import type { SaveState } from '@/ui/api/saver'
import { ConflictSheet } from '@/ui/people/ConflictSheet'
import { useRecord } from '@/ui/people/use-record'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { useIsTyping } from '@/ui/words/use-taking'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayRefusal } from '@/words/fields'
import type { Words } from '@/words/language'
import { BodyMeasures } from './BodyMeasures'
import { Conditions } from './Conditions'
import { Falls } from './Falls'
import { KeptStances } from './KeptStances'
import { LimitFigure } from './LimitFigure'
import { Limits } from './Limits'
import { Notes } from './Notes'
import { PersonSentence } from './PersonSentence'
import type { PartProps } from './part-props'
import styles from './person.module.css'
import { StandingWords } from './StandingWords'
import { Tests } from './Tests'
import { Today } from './Today'
import { useGroups } from './use-groups'
import { Watch } from './Watch'

type PersonPageProps = {
  kept: KeptRecord
  house: HouseSettings
  groups: readonly Group[]
  day: string
  /** What was kept for them on the bench, in any posture. */
  stances: readonly KeptStance[]
  own: readonly OwnPosture[]
}

const sayProblem = (problem: NonNullable<SaveState<never>['problem']>, words: Words) =>
  problem.kind === 'refused'
    ? words.say('screens.people.notSavedRefusal', { refusal: sayRefusal(problem.why, words) })
    : words.say('screens.people.notSavedServerDoes')

/** One person: their body with what limits it, and everything that was said, measured and seen. */
export function PersonPage({ kept, house, groups: known, day: served, stances, own }: PersonPageProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const { record, change, undo, canUndo, problem, base, isSaved, theirs, settle, leaveBy } = useRecord(kept)
  const isTyping = useIsTyping()
  const isThere = isSaved && !isTyping
  const day = useDayTurn(served)
  const resolved = useMemo(() => resolveRecord(record, day, house.rules), [record, day, house])
  const standing = useMemo(() => readStanding(record, resolved.document, day), [record, resolved, day])
  const part: PartProps = { record, change, day }
  const { groups, take } = useGroups(known)
  return (
    <main
      id="about"
      tabIndex={-1}
      className={styles.person}
      onClickCapture={(event) => {
        const link = (event.target as Element).closest('a')
        if (!link || isSaved || event.ctrlKey || event.metaKey) return
        event.preventDefault()
        leaveBy(link.href)
      }}
    >
      <PageHead
        at="/people"
        tools={
          <>
            <span role="status" className={styles.saving} data-saved={isThere}>
              {problem ? sayProblem(problem, words) : isThere ? 'saved' : 'saving…'}
            </span>
            <Button onClick={undo} disabled={!canUndo}>
              {t('undo')}
            </Button>
            <Button href={`/can?person=${encodeURIComponent(kept.id)}`}>{t('whatCanTheyDo')}</Button>
            <Button href={`/paper?as=card&person=${encodeURIComponent(kept.id)}`}>{words.say('paper.on')}</Button>
          </>
        }
      >
        <PersonSentence {...part} id={kept.id} units={house.units} groups={groups} takeGroups={take} />
      </PageHead>
      <div className={styles.columns}>
        <aside className={styles.figure}>
          <LimitFigure standing={standing} bindings={resolved.bindings} />
          <StandingWords standing={standing} record={record} effects={resolved.effects} day={day} />
        </aside>
        <div className={styles.paper}>
          <Today {...part} lowered={findToday(record, day)} rules={house.days} />
          <Limits {...part} bindings={resolved.bindings} />
          <Conditions {...part} />
          <Tests {...part} id={kept.id} effects={resolved.effects} />
          <Falls {...part} />
          <Watch {...part} signs={house.signs} />
          <KeptStances id={kept.id} stances={stances} document={resolved.document} own={own} />
          <BodyMeasures {...part} units={house.units} />
          <Notes {...part} id={kept.id} groups={groups} takeGroups={take} />
        </div>
      </div>
      {theirs && (
        <ConflictSheet
          base={base}
          here={record}
          there={theirs.record}
          groups={groups}
          units={house.units}
          onSettle={settle}
        />
      )}
    </main>
  )
}
