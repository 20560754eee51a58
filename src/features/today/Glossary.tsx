'use client'

import { PageHead } from '@/ui/places/PageHead'
import { useSay } from '@/ui/words/use-words'
import styles from './today.module.css'

const TERMS = [
  'base',
  'usable',
  'centre',
  'margin',
  'sure',
  'reserve',
  'holds',
  'close',
  'beyond',
  'limit',
  'variant',
  'level',
  'empty',
  'wayin',
  'split',
  'tip',
] as const

/** What the words of the program mean, as one would say it in a hall. */
export function Glossary() {
  const say = useSay('today.glossary')
  return (
    <main id="about" tabIndex={-1} className={styles.today}>
      <PageHead at="/">
        <h1>{say('title')}</h1>
        <p className={styles.hour}>{say('lead')}</p>
      </PageHead>
      <dl className={styles.terms}>
        {TERMS.map((term) => (
          <div key={term}>
            <dt>{say(`terms.${term}.name`)}</dt>
            <dd>{say(`terms.${term}.text`)}</dd>
          </div>
        ))}
      </dl>
    </main>
  )
}
