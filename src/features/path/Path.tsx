'use client'

import { useEffect, useState } from 'react'
import type { BenchOfPerson } from '@/keeping/bench'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { useWords } from '@/ui/words/use-words'
import { FullPath, type FullPathProps } from './FullPath'
import styles from './path.module.css'

type PathProps = Omit<FullPathProps, 'walker'> & {
  /** Who walks; null where nobody is on the list. */
  walker: BenchOfPerson | null
  day: string
}

/** How one stance leads to the next: the whole routine on its floor, along time, and as a body that plays it. */
export function Path({ walker, day: served, ...rest }: PathProps) {
  const words = useWords()
  useDayTurn(served)
  const [ready, setReady] = useState(false)
  useEffect(() => setReady(true), [])
  if (!walker)
    return (
      <main id="about" tabIndex={-1} className={styles.path}>
        <PageHead at="/path">
          <h1>{words.say('path.tools.nobody')}</h1>
        </PageHead>
      </main>
    )
  if (!ready) return <main id="about" tabIndex={-1} className={styles.path} aria-busy="true" />
  return <FullPath walker={walker} {...rest} />
}
