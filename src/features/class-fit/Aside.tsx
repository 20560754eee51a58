'use client'

import { useDroppable } from '@dnd-kit/core'
import { type Analysis, type Measures, measureStance, type Stance } from '@/core'
import type { Posture } from '@/documents/posture-document'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFewer, sayMore } from '@/words/class'
import type { Words } from '@/words/language'
import { sayLevel } from '@/words/levels'
import { sayBinding, sayBoundBy, sayToday } from '@/words/limits'
import { listWatch } from '@/words/postures'
import { saySign } from '@/words/records'
import styles from './class-fit.module.css'
import { compareFewer, compareMore } from './compare-levels'
import type { Placed } from './layout'
import { PersonInLane } from './PersonInLane'
import type { Class } from './use-class'

type AsideProps = { state: Class; posture: Posture; onStep: (id: string, by: 1 | -1) => void }

/** Beside the lanes: who has a form of their own or sits, what one level more or less would come to, what to watch. */
export function Aside({ state, posture, onStep }: AsideProps) {
  const t = useSay('screens.classFit')
  const words = useWords()
  const { setNodeRef, isOver } = useDroppable({ id: 'aside' })
  const { standing: placed, layout } = state
  const aside = placed.filter(({ place }) => place === 'aside')
  const watched = placed.filter(({ member }) => member.person.watch.length > 0)
  const forAll = listWatch(posture, words)
  const name = (i: number) => placed.find(({ member }) => member.id === layout?.ids[i])?.member.short ?? ''
  return (
    <aside ref={setNodeRef} className={styles.aside} data-over={isOver} aria-label={t('besideLanes')}>
      {aside.length > 0 && (
        <section aria-label={t('aFormTheirOwn')}>
          <h2>{aside.every(({ kind }) => kind === 'seated') ? t('seated') : t('aFormTheirOwn')}</h2>
          <ul>
            {aside.map((one) => (
              <li key={one.member.id}>
                <ul>
                  <PersonInLane placed={one} onStep={onStep} />
                </ul>
                <p>{sayAside(one, state.measures, words)}</p>
              </li>
            ))}
          </ul>
        </section>
      )}
      {layout?.found && layout.more && (
        <section aria-label={t('oneLevelMore')}>
          <h2>{t('oneLevelMore')}</h2>
          <p>{sayMore(compareMore(layout.found, layout.more, name), words)}</p>
        </section>
      )}
      {layout?.found && layout.fewer && (
        <section aria-label={t('oneLevelLess')}>
          <h2>{t('oneLevelLess')}</h2>
          <p>{sayFewer(compareFewer(layout.found, layout.fewer, name), words)}</p>
        </section>
      )}
      {(watched.length > 0 || forAll.length > 0) && (
        <section key={layout ? t('underWhatTheyDo') : 'alone'} aria-label={t('watch')}>
          <h2>{t('watch')}</h2>
          {forAll.length > 0 && <p>{t('everybodyWatches', { watch: forAll.join(', ') })}</p>}
          {watched.map(({ member }) => (
            <p key={member.id}>
              {member.short}: {member.person.watch.map(({ sign }) => saySign(sign, words)).join(', ')}.
            </p>
          ))}
        </section>
      )}
    </aside>
  )
}

/** Why somebody is aside, and what they do. */
function sayAside({ member, kind, stance, analysis, joined }: Placed, taught: Measures, words: Words): string {
  const { today, limits } = member.person
  const why =
    today !== null
      ? words.say('class.aside.today', { why: sayToday(today, words) })
      : limits
          .filter(({ what }) => what === 'loadMaxPct' || what === 'seatedOnly')
          .map((one) =>
            words.say('class.aside.limit', { limit: sayBinding(one, words), origin: sayBoundBy(one, words) }),
          )
          .join('; ')
  const form =
    kind === 'own' && stance && analysis
      ? sayOwn(stance, analysis, taught, words)
      : kind === 'seated' || kind === 'none'
        ? words.say(`class.aside.${kind}`)
        : ''
  const does = joined ? words.say('class.aside.joined', { does: form }) : form
  return why ? words.say('class.aside.because', { does, why }) : does
}

/** A form of their own as a level is said. */
function sayOwn(stance: Stance, { pose, legs }: Analysis, taught: Measures, words: Words): string {
  const flexion = { left: legs.left.flexion, right: legs.right.flexion }
  return sayLevel(measureStance(stance, pose.body, stance.side ?? 'left', flexion), taught, words).sentence
}
