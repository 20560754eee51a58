'use client'

import { useEffect, useState } from 'react'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { useWords } from '@/ui/words/use-words'
import { FullLesson, type FullLessonProps } from './FullLesson'
import styles from './lesson.module.css'

/** What a group does on a day, piece by piece. */
export function LessonPage({
  group,
  ...rest
}: Omit<FullLessonProps, 'group'> & { group: FullLessonProps['group'] | null }) {
  const words = useWords()
  useDayTurn(rest.today)
  const [ready, setReady] = useState(false)
  useEffect(() => setReady(true), [])
  if (!group)
    return (
      <main id="about" tabIndex={-1} className={styles.lesson}>
        <PageHead at="/lesson">
          <h1>{words.say('lesson.sentence.none')}</h1>
        </PageHead>
      </main>
    )
  if (!ready) return <main id="about" tabIndex={-1} className={styles.lesson} aria-busy="true" />
  return <FullLesson group={group} {...rest} />
}
