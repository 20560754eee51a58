'use client'

import Button from '@mui/material/Button'
import { useState } from 'react'
import { mergeLibrary } from '@/documents/posture-document'
import type { OwnPosture } from '@/keeping/library'
import type { OwnRoutine } from '@/keeping/routines'
import type { TodayPage } from '@/keeping/today-page'
import { PageHead } from '@/ui/places/PageHead'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPiece } from '@/words/lessons'
import { sayRoutineName } from '@/words/routines'
import { sayNext, sayWhen } from '@/words/today'
import { hrefOf } from './href'
import { LookRound } from './LookRound'
import { NobodyYet } from './NobodyYet'
import { Ready } from './Ready'
import { Roll } from './Roll'
import { ToKnow } from './ToKnow'
import styles from './today.module.css'
import { useRoll } from './use-roll'

type TodayProps = { page: TodayPage; own: readonly OwnPosture[]; routines: readonly OwnRoutine[] }

/** The day: which group comes, who, what has to be known before, what to have ready, and the one step that is next. */
export function Today({ page, own, routines }: TodayProps) {
  const t = useSay('screens.today')
  const say = useSay('today')
  const words = useWords()
  const { people, coming, groups, today } = page
  const roll = useRoll(page)
  const [looking, setLooking] = useState(false)
  if (people === 0) return <NobodyYet />
  const named = {
    postures: mergeLibrary(own),
    routineName: (id: string) => sayRoutineName(id, routines.find((one) => one.id === id)?.document ?? null, words),
  }
  const first = coming?.lesson?.pieces.find(({ kind }) => kind !== 'talk' && kind !== 'rest')
  const { next, at } = roll
  return (
    <main id="about" tabIndex={-1} className={styles.today}>
      <PageHead
        at="/"
        tools={
          <>
            <Button aria-expanded={looking} onClick={() => setLooking(!looking)}>
              {say('look.open')}
            </Button>
            <Button href="/words">{say('look.words')}</Button>
          </>
        }
      >
        <h1>
          {coming ? (
            <>
              <ChoiceWord
                label={t('group')}
                value={coming.group.id}
                choices={groups.map(({ id, name }) => ({ value: id, name }))}
                onChoose={(id) => window.location.assign(`/?group=${encodeURIComponent(id)}`)}
              />{' '}
              {say('comes', {
                when: sayWhen(coming.day, today, words),
                n: roll.members.length,
                away: roll.away.length,
              })}
            </>
          ) : (
            say('none')
          )}
        </h1>
        {coming && (
          <p className={styles.hour}>
            {first ? say('begins', { piece: sayPiece(first, named, words), minutes: first.minutes }) : say('noHour')}
          </p>
        )}
        {next && at && (
          <p className={styles.next}>
            <span>{say('nextLabel')}</span>{' '}
            {next === 'roll' ? (
              <Button variant="contained" onClick={roll.call}>
                {sayNext(next, at.day, roll.away.length, words)}
              </Button>
            ) : (
              <Button variant="contained" href={hrefOf(next, at)}>
                {sayNext(next, at.day, roll.away.length, words)}
              </Button>
            )}
          </p>
        )}
      </PageHead>
      <LookRound open={looking} onClose={() => setLooking(false)} />
      {!coming && <p>{say('groupless', { n: people })}</p>}
      {coming && (
        <div className={styles.columns}>
          <div>
            <ToKnow members={roll.members} />
            <Ready
              members={roll.members}
              group={coming.group}
              postures={named.postures}
              lesson={coming.lesson}
              hall={page.hall}
            />
          </div>
          <Roll roll={roll} />
        </div>
      )}
    </main>
  )
}
