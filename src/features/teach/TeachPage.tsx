'use client'

import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import { useWords } from '@/ui/words/use-words'
import { Teach, type TeachProps } from './Teach'
import styles from './teach.module.css'

/** The lesson of a day on a full screen; what there is to say where none was planned. */
export function TeachPage({ lesson, group, ...rest }: Omit<TeachProps, 'lesson' | 'group'> & Partial<TeachProps>) {
  const words = useWords()
  const [ready, setReady] = useState(false)
  useEffect(() => setReady(true), [])
  if (!lesson || !group || lesson.document.pieces.length === 0)
    return (
      <main id="about" tabIndex={-1} className={styles.over}>
        <h1>{words.say('lesson.teach.gone')}</h1>
        <p>
          <Button variant="contained" href="/lesson">
            {words.say('lesson.tools.what')}
          </Button>
        </p>
      </main>
    )
  if (!ready) return <main id="about" tabIndex={-1} className={styles.teach} aria-busy="true" />
  return <Teach lesson={lesson} group={group} {...rest} />
}
