'use client'

import { useEffect, useState } from 'react'
import type { SchoolId } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import { mergeLibrary } from '@/documents/posture-document'
import type { BenchOfPerson, KeptStance, NamedPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { BodyUnits } from '@/records/body-units'
import { useDayTurn } from '@/ui/places/use-day-turn'
import styles from './bench.module.css'
import { FullBench } from './FullBench'
import { NobodyYet } from './NobodyYet'
import { setLibrary } from './state/library'
import { beginWith } from './state/store'
import { putOpened } from './state/use-person'

type BenchProps = {
  people: readonly NamedPerson[]
  onBench: BenchOfPerson | null
  /** What was kept for them and is opened; what was on the bench is the way back. */
  opened: KeptStance | null
  /** Postures that the instructor changed or added. */
  own: readonly OwnPosture[]
  /** How the house steps, where it does otherwise than a school. */
  ways: HouseWays
  units: BodyUnits
  /** The frame that the house begins with. */
  school: SchoolId
  day: string
}

/** This person in this stance: does it hold, which way is it weak, what is the safer variant? */
export function Bench({ people, onBench, opened, own, ways, units, school, day: served }: BenchProps) {
  const [ready, setReady] = useState(false)
  useEffect(() => {
    setLibrary(mergeLibrary(own))
    beginWith(school)
    if (onBench) putOpened(onBench, opened)
    setReady(true)
  }, [onBench, opened, own, school])
  const day = useDayTurn(served)
  if (!onBench) return <NobodyYet units={units} day={day} />
  if (!ready) return <main id="about" tabIndex={-1} className={styles.bench} aria-busy="true" />
  return <FullBench people={people} first={onBench} opened={opened} ways={ways} units={units} day={day} />
}
