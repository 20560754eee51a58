'use client'

import { useEffect, useState } from 'react'
import type { Group } from '@/records/groups'
import type { BenchOfPerson, NamedPerson } from '@/server/bench'
import type { OwnPosture } from '@/server/library'
import type { OwnRoutine } from '@/server/routines'
import type { SetAside } from '@/server/set-aside'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { ENGLISH } from '@/words/language'
import { FullPath } from './FullPath'
import styles from './path.module.css'

type PathProps = {
  people: readonly NamedPerson[]
  /** Who walks; null where nobody is on the list. */
  walker: BenchOfPerson | null
  own: readonly OwnPosture[]
  routines: readonly OwnRoutine[]
  /** Routines that cannot be read. */
  aside: readonly SetAside[]
  groups: readonly Group[]
  /** The routine that is asked for, and the group that walks it. */
  asked: string | null
  askedGroup: string | null
  day: string
}

/** How one stance leads to the next: the whole routine on its floor, along time, and as a body that plays it. */
export function Path({ walker, day: served, ...rest }: PathProps) {
  useDayTurn(served)
  const [ready, setReady] = useState(false)
  useEffect(() => setReady(true), [])
  if (!walker)
    return (
      <main className={styles.path}>
        <PageHead at="/path">
          <h1>{ENGLISH.say('path.tools.nobody')}</h1>
        </PageHead>
      </main>
    )
  if (!ready) return <main className={styles.path} aria-busy="true" />
  return <FullPath walker={walker} {...rest} />
}
