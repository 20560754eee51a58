import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useEffect } from 'react'
import type { SaferWay, SaferWays } from '@/core'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark } from '@/ui/words/VerdictMark'
import { sayBought, saySaferKind, sayWayChanges } from '@/words/safer'
import { setPlay } from '../state/play'
import { takeWay } from './take-way'
import styles from './trouble.module.css'

type RemediesProps = {
  /** What was found for the way to the part that is open; null: it is being looked for. */
  found: SaferWays | 'broken' | null
  at: number
  onRefine: (one: SaferWay) => void
}

/** Safer ways to the part that is open: what changes and what it buys; shown over the original, taken with one press. */
export function Remedies({ found, at, onRefine }: RemediesProps) {
  const say = useSay('safer')
  useEffect(() => () => setPlay({ preview: null }), [])
  return (
    <section aria-label={say('title')} className={styles.remedies}>
      <h3>{say('title')}</h3>
      {found === null && <LinearProgress aria-label={say('searching')} />}
      {found === 'broken' && <p role="alert">{say('broken')}</p>}
      {typeof found === 'object' && found && found.ways.length === 0 && (
        <p>{say(found.original.verdict === 'holds' ? 'good' : 'none')}</p>
      )}
      {typeof found === 'object' && found && (
        <ul>
          {found.ways.map((one) => (
            <Remedy
              key={one.kind}
              one={one}
              original={found.original}
              onTake={() => takeWay(at, one)}
              onRefine={() => onRefine(one)}
            />
          ))}
        </ul>
      )}
    </section>
  )
}

type RemedyProps = { one: SaferWay; original: SaferWays['original']; onTake: () => void; onRefine: () => void }

function Remedy({ one, original, onTake, onRefine }: RemedyProps) {
  const say = useSay('safer')
  const words = useWords()
  const quarter = one.changes.some((change) => change.what === 'step' && Number.isInteger(change.scale * 4))
  const show = () => setPlay({ preview: one.way })
  const hide = () => setPlay({ preview: null })
  return (
    <li onPointerEnter={show} onPointerLeave={hide} onFocus={show} onBlur={hide}>
      <strong>{sayWayChanges(one.changes, words)}</strong>
      <small>{[one.kind, ...one.also].map((kind) => saySaferKind(kind, words)).join(', ')}</small>
      <p>
        <VerdictMark verdict={one.marks.verdict ?? 'beyond'} size={13} /> {sayBought(original, one.marks, words)}
      </p>
      <Button variant="contained" onClick={onTake}>
        {say('take')}
      </Button>
      {quarter && <Button onClick={onRefine}>{say('refine')}</Button>}
    </li>
  )
}
