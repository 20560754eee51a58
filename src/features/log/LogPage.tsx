'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { useWords } from '@/ui/words/use-words'
import { Door, type DoorProps } from './door/Door'
import styles from './door/door.module.css'
import type { WeeksProps } from './weeks/Weeks'

type LogPageProps = { today: string; door: DoorProps | null; weeks: WeeksProps | null }

const Waiting = () => <main id="about" tabIndex={-1} className={styles.door} aria-busy="true" />
/** With its charts, which the door does without. */
const Weeks = dynamic(() => import('./weeks/Weeks').then((weeks) => weeks.Weeks), { loading: Waiting })

/** What happened: a group's day at the door, or one person's weeks. */
export function LogPage({ today, door, weeks }: LogPageProps) {
  const words = useWords()
  useDayTurn(today)
  const [ready, setReady] = useState(false)
  useEffect(() => setReady(true), [])
  if (!ready) return <Waiting />
  if (weeks) return <Weeks {...weeks} />
  if (door) return <Door {...door} />
  return (
    <main id="about" tabIndex={-1} className={styles.door}>
      <PageHead at="/log">
        <h1>{words.say('lesson.sentence.none')}</h1>
      </PageHead>
    </main>
  )
}
