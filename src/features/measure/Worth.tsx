import { useMemo } from 'react'
import { type Body, calcWorth, type Worth as WorthOf } from '@/core'
import type { Done } from '@/teaching/practice/doing'
import { sayCentimetres } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import { sayPostureName } from '@/words/postures'
import styles from './measure.module.css'
import { ABOUT, type MeasureId } from './measures'

type WorthProps = { measure: MeasureId; body: Body; doing: readonly Done[] }

const say = (key: string, values?: Record<string, string>) => ENGLISH.say(`measure.worth.${key}`, values)

/** Which estimate it replaces, and how much surer the margins of this person's own stances get. */
export function Worth({ measure, body, doing }: WorthProps) {
  const { settles } = ABOUT[measure]
  const found = useMemo(
    () =>
      settles === null
        ? []
        : doing.flatMap((done) => {
            const worth = calcWorth(body, done.stance, settles)
            return worth ? [{ done, worth }] : []
          }),
    [body, doing, settles],
  )
  return (
    <section className={styles.worth} aria-label={say('label')}>
      <p>{ENGLISH.say(`measure.replaces.${measure}`)}</p>
      {settles && found.length === 0 && <p>{say(body.person.usableAlong === undefined ? 'none' : 'known')}</p>}
      <ul>
        {found.map(({ done, worth }) => (
          <li key={`${done.posture.id} ${done.plan?.id}`}>
            {say('line', {
              posture: sayPostureName(done.posture),
              before: sayCentimetres(worth.sdBefore),
              after: sayCentimetres(worth.sdAfter),
            })}{' '}
            {sayGains(worth)} {say('most', { cause: say(`causes.${worth.most}`) })}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What is less than this is nothing that anybody would measure for. */
const LITTLE_M = 0.0005

function sayGains({ spareBefore, spareAfter }: WorthOf): string {
  const gains = spareAfter - spareBefore
  return gains < LITTLE_M ? say('little') : say('gains', { gains: sayCentimetres(gains) })
}
