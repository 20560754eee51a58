import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useEffect, useRef, useState } from 'react'
import type { Measured, RoutinePart } from '@/core'
import type { PersonDocument } from '@/documents/person-document'
import { toPerson } from '@/documents/to-core'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayLeft, sayMeasure } from '@/words/safer'
import { startMeasure } from '@/workers/safer'
import { editRoutine } from '../state/store'
import { takeMeasure } from '../state/take'
import styles from './trouble.module.css'

type WholeRemedyProps = { parts: readonly RoutinePart[]; person: PersonDocument }

type Found = Measured | null | 'searching' | 'broken' | 'unasked'

/** For the whole routine: one step length and one height that everyone can say. It is looked for when it is asked. */
export function WholeRemedy({ parts, person }: WholeRemedyProps) {
  const say = useSay('safer')
  const words = useWords()
  const [found, setFound] = useState<Found>('unasked')
  const cancel = useRef(() => {})
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was found is of what was there then
  useEffect(() => {
    setFound('unasked')
    return () => cancel.current()
  }, [parts, person])
  const look = () => {
    setFound('searching')
    const search = startMeasure(toPerson(person), [...parts])
    cancel.current = search.cancel
    search.found.then(setFound).catch(() => setFound('broken'))
  }
  return (
    <section aria-label={say('whole')} className={styles.remedies}>
      <h3>{say('whole')}</h3>
      {found === 'unasked' && <Button onClick={look}>{say('findWhole')}</Button>}
      {found === 'searching' && <LinearProgress aria-label={say('searching')} />}
      {found === 'broken' && <p role="alert">{say('broken')}</p>}
      {found === null && <p>{say('wholeNone')}</p>}
      {found !== null && typeof found === 'object' && (
        <ul>
          <li>
            <strong>{sayMeasure(found, words)}</strong>
            <p>{sayLeft(found.tally, words)}</p>
            <Button variant="contained" onClick={() => editRoutine((was) => takeMeasure(was, found))}>
              {say('take')}
            </Button>
          </li>
        </ul>
      )}
    </section>
  )
}
