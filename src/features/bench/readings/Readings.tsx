'use client'

import { useMemo } from 'react'
import type { Analysis } from '@/core'
import { listReadings, type Reading } from '@/words/readings'
import styles from './readings.module.css'

/** Every reading, a step away: each opens to its formula, its source, how sure it is and what it is held against. */
export function Readings({ analysis }: { analysis: Analysis }) {
  const groups = useMemo(() => listReadings(analysis), [analysis])
  return (
    <section className={styles.readings} aria-label="All readings">
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
  return (
    <details className={styles.reading}>
      <summary>
        <span>{name}</span> <b data-past={past}>{value}</b>
      </summary>
      <dl>
        <dt>How</dt>
        <dd>{formula}</dd>
        {sure && (
          <>
            <dt>How sure</dt>
            <dd>{sure}</dd>
          </>
        )}
        {held && (
          <>
            <dt>Held against</dt>
            <dd>{held}</dd>
          </>
        )}
        <dt>Source</dt>
        <dd>{source}</dd>
      </dl>
    </details>
  )
}
