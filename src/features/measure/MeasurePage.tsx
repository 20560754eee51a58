'use client'

import { useEffect, useState } from 'react'
import { FullMeasure, type MeasureProps } from './FullMeasure'
import styles from './measure.module.css'

/** The measuring corner, once the browser is there: what it can connect to is the browser's to tell. */
export function MeasurePage(props: MeasureProps) {
  const [ready, setReady] = useState(false)
  useEffect(() => setReady(true), [])
  return ready ? (
    <FullMeasure {...props} />
  ) : (
    <main id="about" tabIndex={-1} className={styles.measure} aria-busy="true" />
  )
}
