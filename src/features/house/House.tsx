'use client'

import Button from '@mui/material/Button'
import Radio from '@mui/material/Radio'
import { useState } from 'react'
import { HOUSE_KEYS, type HouseKey, SCHOOL_IDS, type SchoolId } from '@/core'
import type { HouseDocument } from '@/documents/house-document'
import { houseKeyInDocument } from '@/documents/house-keys'
import type { HouseChoices } from '@/documents/house-settings'
import type { HouseSettings } from '@/keeping/house'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { saySchool, saySchoolBecause } from '@/words/postures'
import { Bends } from './Bends'
import { DayRules } from './DayRules'
import { HallPart } from './HallPart'
import styles from './house.module.css'
import { KeepBar } from './KeepBar'
import { PracticeRules } from './PracticeRules'
import { RuleLine } from './RuleLine'
import { Signs } from './Signs'
import { useHouse } from './use-house'
import { Ways } from './Ways'

const RESERVES: readonly HouseKey[] = ['swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor', 'emptyMost']
const RANGES: readonly HouseKey[] = [
  'kneeFlexionMin',
  'kneeRangeMax',
  'hipOutwardMax',
  'hipInwardMax',
  'hipAbductionMax',
  'dorsiflexionMax',
  'trunkTwistMax',
]
const partsIn = (words: Words) => [
  { title: words.say('screens.house.reserves'), keys: RESERVES },
  { title: words.say('screens.house.rangesWhereNoneMeasured'), keys: RANGES },
  {
    title: words.say('screens.house.whenRuleSpeaks'),
    keys: HOUSE_KEYS.filter((key) => !RESERVES.includes(key) && !RANGES.includes(key)),
  },
]

/** Whether the house does anything besides its rules otherwise than usual. */
const isOwn = ({ days, ways, practice, signs, bends, emergency }: HouseChoices): boolean =>
  [days, ways, practice, signs, bends].some((part) => Object.keys(part).length > 0) || emergency !== ''

/** The house: what everything begins with, and, by a press, its own rules; what a change does is seen before it is kept. */
export function House({ settings: first }: { settings: HouseSettings }) {
  const t = useSay('screens.house')
  const say = useSay('places.house')
  const words = useWords()
  const house = useHouse(first)
  const { kept, draft, change } = house
  const set = (key: HouseKey, value: number | undefined) => {
    const { [houseKeyInDocument(key)]: _, ...others } = draft.rules
    const rules: HouseDocument = value === undefined ? others : { ...others, [houseKeyInDocument(key)]: value }
    change({ rules })
  }
  const changed = Object.keys(draft.rules).length
  // What is otherwise than usual is seen at once.
  const [all, setAll] = useState(changed > 0 || isOwn(draft))
  return (
    <main id="about" tabIndex={-1} className={styles.house}>
      <PageHead at="/house">
        <div className={styles.head}>
          <h1>{say('title')}</h1>
          <p>
            {t('theyApplyWhereNothing')}{' '}
            {changed > 0 && (
              <Button onClick={() => change({ rules: {} })}>
                {t('whichBackDefaults', {
                  which: changed === 1 ? t('theOneWasChanged') : t('allChangedWereChanged', { changed }),
                })}
              </Button>
            )}
          </p>
        </div>
      </PageHead>
      <SetAsideNote aside={kept.aside ? [kept.aside] : []} />
      <OvertakenSheet
        open={house.theirs !== null}
        what={t('theHousesRules')}
        onTheirs={house.takeTheirs}
        onMine={() => house.keepMine()}
      />
      <UndoSnack open={house.canUndo} message={t('kept')} action={t('asTheyWere')} onUndo={house.undo} />
      <div className={styles.columns}>
        <HallPart draft={draft} change={change} />
        <section aria-label={words.say('postures.frame.label')}>
          <h2>{words.say('postures.frame.label')}</h2>
          <p>
            {words.say('postures.frame.begins')}{' '}
            <ChoiceWord
              label={words.say('postures.frame.label')}
              value={draft.school}
              choices={SCHOOL_IDS.map((value) => ({
                value,
                name: saySchool(value, words),
                detail: saySchoolBecause(value, words),
              }))}
              onChoose={(school) => change({ school: school as SchoolId })}
            />
          </p>
        </section>
        <section aria-label={t('howBodiesSaid')}>
          <h2>{t('howBodiesSaid')}</h2>
          <p className={styles.units}>
            {(['metric', 'imperial'] as const).map((units) => (
              <label key={units}>
                <Radio name="units" checked={draft.units === units} onChange={() => change({ units })} />
                {units === 'metric' ? t('centimetresKilograms') : t('feetInchesPounds')}
              </label>
            ))}
          </p>
        </section>
        <section aria-label={say('groups.label')}>
          <h2>{say('groups.label')}</h2>
          <p>
            {say('groups.text')} <a href="/people">{say('groups.people')}</a>
          </p>
        </section>
      </div>
      <p>
        <Button aria-expanded={all} aria-controls="figures" onClick={() => setAll(!all)}>
          {say(all ? 'fewer' : 'all')}
        </Button>
      </p>
      <div id="figures" hidden={!all} className={styles.columns}>
        {partsIn(words).map(({ title, keys }) => (
          <section key={title} aria-label={title}>
            <h2>{title}</h2>
            {keys.map((key) => (
              <RuleLine
                key={key}
                name={key}
                value={draft.rules[houseKeyInDocument(key)]}
                onSet={(value) => set(key, value)}
              />
            ))}
          </section>
        ))}
        <Bends draft={draft} change={change} />
        <DayRules days={draft.days} onSet={(days) => change({ days })} />
        <Ways ways={draft.ways} onSet={(ways) => change({ ways })} />
        <PracticeRules
          practice={draft.practice}
          emergency={draft.emergency}
          onSet={(practice) => change({ practice })}
          onEmergency={(emergency) => change({ emergency })}
        />
        <Signs signs={draft.signs} onSet={(signs) => change({ signs })} />
      </div>
      {house.isChanged && <KeepBar house={house} />}
    </main>
  )
}
