'use client'

import { useMemo } from 'react'
import type { Analysis } from '@/core'
import { useSay, useWords } from '@/ui/words/use-words'
import { listReadings, type Reading } from '@/words/readings'
import styles from './readings.module.css'

/** Every reading, a step away: each opens to its formula, its source, how sure it is and what it is held against. */
export function Readings({ analysis }: { analysis: Analysis }) {
  const t = useSay('screens.bench')
  const words = useWords()

  const groups = useMemo(() => listReadings(analysis, words), [analysis, words])
  return (
    <section className={styles.readings} aria-label={t('allReadings')}>
      {groups.map(({ name, readings }) => (
        <div key={name}>
          <h2>{name}</h2>
          {readings.map((reading) => (
            <OneReading key={reading.name} reading={reading} />
          ))}
        </div>
      ))}
    </section>
  )
}

function OneReading({ reading: { name, value, formula, source, sure, held, past } }: { reading: Reading }) {
  const t = useSay('screens.bench')
  return (
    <details className={styles.reading}>
      <summary>
        <span>{name}</span> <b data-past={past}>{value}</b>
      </summary>
      <dl>
        <dt>{t('how')}</dt>
        <dd>{formula}</dd>
        {sure && (
          <>
            <dt>{t('howSure')}</dt>
            <dd>{sure}</dd>
          </>
        )}
        {held && (
          <>
            <dt>{t('heldAgainst')}</dt>
            <dd>{held}</dd>
          </>
        )}
        <dt>{t('source')}</dt>
        <dd>{source}</dd>
      </dl>
    </details>
  )
}
