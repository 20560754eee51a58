'use client'

import { useDroppable } from '@dnd-kit/core'
import { type Analysis, type Measures, measureStance, type Stance } from '@/core'
import type { Posture } from '@/formats/posture-document'
import { sayCount, sayLevel } from '@/words/levels'
import { sayBinding, sayOrigin, sayToday } from '@/words/limits'
import { sayList } from '@/words/lists'
import { listWatch } from '@/words/postures'
import { saySign } from '@/words/records'
import type { FoundLevels } from '@/workers/fit'
import styles from './class-fit.module.css'
import type { Placed } from './layout'
import { PersonInLane } from './PersonInLane'
import type { Class } from './use-class'

type AsideProps = { state: Class; posture: Posture; onStep: (id: string, by: 1 | -1) => void }

/** Beside the lanes: who has a form of their own or sits, what one level more or less would come to, what to watch. */
export function Aside({ state, posture, onStep }: AsideProps) {
  const { setNodeRef, isOver } = useDroppable({ id: 'aside' })
  const { standing: placed, layout } = state
  const aside = placed.filter(({ place }) => place === 'aside')
  const watched = placed.filter(({ member }) => member.person.watch.length > 0)
  const forAll = listWatch(posture)
  const name = (i: number) => placed.find(({ member }) => member.id === layout?.ids[i])?.member.short ?? ''
  return (
    <aside ref={setNodeRef} className={styles.aside} data-over={isOver} aria-label="Beside the lanes">
      {aside.length > 0 && (
        <section aria-label="A form of their own">
          <h2>{aside.every(({ kind }) => kind === 'seated') ? 'Seated' : 'A form of their own'}</h2>
          <ul>
            {aside.map((one) => (
              <li key={one.member.id}>
                <ul>
                  <PersonInLane placed={one} onStep={onStep} />
                </ul>
                <p>{sayAside(one, state.measures)}</p>
              </li>
            ))}
          </ul>
        </section>
      )}
      {layout?.found && layout.more && (
        <section aria-label="One level more">
          <h2>One level more</h2>
          <p>{sayMore(layout.found, layout.more, name)}</p>
        </section>
      )}
      {layout?.found && layout.fewer && (
        <section aria-label="One level less">
          <h2>One level less</h2>
          <p>{sayFewer(layout.found, layout.fewer, name)}</p>
        </section>
      )}
      {(watched.length > 0 || forAll.length > 0) && (
        <section aria-label="Watch">
          <h2>Watch</h2>
          {forAll.length > 0 && <p>Everybody: {forAll.join(', ')}.</p>}
          {watched.map(({ member }) => (
            <p key={member.id}>
              {member.short}: {member.person.watch.map(({ sign }) => saySign(sign)).join(', ')}.
            </p>
          ))}
        </section>
      )}
    </aside>
  )
}

/** Why somebody is aside, and what they do. */
function sayAside({ member, kind, stance, analysis, joined }: Placed, taught: Measures): string {
  const { today, limits } = member.person
  const why =
    today !== null
      ? `${sayToday(today)}, today`
      : limits
          .filter(({ what }) => /^(load|seated)/.test(what))
          .map((one) => `${sayBinding(one)} (${sayOrigin(one.entry, one.today)})`)
          .join('; ')
  const does = {
    seated: 'the seated form',
    own: stance && analysis ? sayOwn(stance, analysis, taught) : '',
    level: '',
    none: 'nothing was found that keeps every limit; which of them may give way is for whoever set it',
  }[kind]
  const since = joined ? 'joined since the plan was kept; proposed is ' : ''
  return why ? `${since}${does}: ${why}` : `${since}${does}`
}

/** A form of their own as a level is said. */
function sayOwn(stance: Stance, { pose, legs }: Analysis, taught: Measures): string {
  const flexion = { left: legs.left.flexion, right: legs.right.flexion }
  return sayLevel(measureStance(stance, pose.body, stance.side ?? 'left', flexion), taught).sentence
}

const LESS = 0.05

/** Who would change less with one level more, and by how much in all. */
function sayMore(found: FoundLevels, more: FoundLevels, name: (i: number) => string): string {
  const fitted = found.of.flatMap((place, i) => (place < 0 && (more.of[i] as number) >= 0 ? [name(i)] : []))
  const nearer = found.changes.flatMap((change, i) =>
    Number.isFinite(change) && (more.changes[i] as number) < change - LESS ? [name(i)] : [],
  )
  if (fitted.length > 0) return `would take in ${sayList(fitted)}.`
  if (nearer.length === 0) return 'would bring nobody nearer to the posture as taught.'
  const saved = Math.round((1 - more.total / found.total) * 100)
  return `would bring ${sayList(nearer)} nearer to the posture as taught: ${saved} % less change in all.`
}

/** What one level less costs, and whom. */
function sayFewer(found: FoundLevels, fewer: FoundLevels, name: (i: number) => string): string {
  const lost = fewer.of.flatMap((place, i) => (place < 0 && (found.of[i] as number) >= 0 ? [name(i)] : []))
  const further = found.changes.flatMap((change, i) =>
    Number.isFinite(change) && (fewer.changes[i] as number) > change + LESS && (fewer.of[i] as number) >= 0
      ? [name(i)]
      : [],
  )
  const parts = [
    lost.length > 0 && `leaves out ${sayList(lost)}`,
    further.length > 0 &&
      `takes ${further.length > 4 ? `${sayCount(further.length)} people` : sayList(further)} further from the posture as taught`,
  ].filter((part): part is string => typeof part === 'string')
  if (parts.length === 0) return 'would cost nobody anything.'
  const dearer = found.total > 0 ? `: ${Math.round((fewer.total / found.total - 1) * 100)} % more change in all` : ''
  return `${parts.join(' and ')}${lost.length > 0 ? '' : dearer}.`
}
