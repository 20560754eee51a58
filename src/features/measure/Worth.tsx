import { useMemo } from 'react'
import { type Body, calcWorth, type Worth as WorthOf } from '@/core'
import type { Done } from '@/teaching/practice/doing'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCentimetres } from '@/words/figures'
import { sayUnder, type Words } from '@/words/language'
import { sayPostureName } from '@/words/postures'
import styles from './measure.module.css'
import { ABOUT, type MeasureId } from './measures'

type WorthProps = { measure: MeasureId; body: Body; doing: readonly Done[] }

/** Which estimate it replaces, and how much surer the margins of this person's own stances get. */
export function Worth({ measure, body, doing }: WorthProps) {
  const say = useSay('measure.worth')
  const words = useWords()
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
      <p>{words.say(`measure.replaces.${measure}`)}</p>
      {settles && found.length === 0 && <p>{say(body.person.usableAlong === undefined ? 'none' : 'known')}</p>}
      <ul>
        {found.map(({ done, worth }) => (
          <li key={`${done.posture.id} ${done.plan?.id}`}>
            {say('line', {
              posture: sayPostureName(done.posture, words),
              before: sayCentimetres(worth.sdBefore, words),
              after: sayCentimetres(worth.sdAfter, words),
            })}{' '}
            {sayGains(worth, words)} {say('most', { cause: say(`causes.${worth.most}`) })}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What is less than this is nothing that anybody would measure for. */
const LITTLE_M = 0.0005

function sayGains({ spareBefore, spareAfter }: WorthOf, words: Words): string {
  const say = sayUnder(words, 'measure.worth')
  const gains = spareAfter - spareBefore
  return gains < LITTLE_M ? say('little') : say('gains', { gains: sayCentimetres(gains, words) })
}
