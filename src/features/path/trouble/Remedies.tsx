import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useEffect, useState } from 'react'
import type { RoutinePart, SaferWay, SaferWays, ShownPath } from '@/core'
import type { PersonDocument } from '@/formats/person-document'
import { toPerson } from '@/formats/to-core'
import { VerdictMark } from '@/ui/words/VerdictMark'
import { ENGLISH } from '@/words/language'
import { sayBought, saySaferKind, sayWayChanges } from '@/words/safer'
import { startSaferWays } from '@/workers/safer'
import { setPlay } from '../state/play'
import { editRoutine } from '../state/store'
import { takeSafer } from '../state/take'
import styles from './trouble.module.css'

type RemediesProps = { path: ShownPath; parts: readonly RoutinePart[]; person: PersonDocument; at: number }

const REST_MS = 500
type Found = SaferWays | 'searching' | 'broken'

const say = (key: string) => ENGLISH.say(`safer.${key}`)

/** Safer ways to the part that is open: what changes and what it buys; shown over the original, taken with one press. */
export function Remedies({ path, parts, person, at }: RemediesProps) {
  const [found, setFound] = useState<Found>('searching')
  const way = path.transitions[at - 1]
  useEffect(() => {
    const [before, part, stood] = [parts[at - 1], parts[at], path.parts[at - 1]]
    if (!before || !part || !stood) return
    setFound('searching')
    let cancel = () => {}
    const timer = setTimeout(() => {
      const { at: _, ...stance } = stood.stance
      const search = startSaferWays(
        toPerson(person),
        { before: { ...before, stance }, parts: [part] },
        way?.anchor ?? null,
      )
      cancel = search.cancel
      search.found.then(setFound).catch(() => setFound('broken'))
    }, REST_MS)
    return () => {
      clearTimeout(timer)
      cancel()
      setPlay({ preview: null })
    }
  }, [path, parts, person, at, way])
  return (
    <section aria-label={say('title')} className={styles.remedies}>
      <h3>{say('title')}</h3>
      {found === 'searching' && <LinearProgress aria-label={say('searching')} />}
      {found === 'broken' && <p role="alert">{say('broken')}</p>}
      {typeof found === 'object' && found.ways.length === 0 && (
        <p>{say(found.original.verdict === 'holds' ? 'good' : 'none')}</p>
      )}
      {typeof found === 'object' && (
        <ul>
          {found.ways.map((one) => (
            <Remedy key={one.kind} one={one} original={found.original} onTake={() => take(at, one)} />
          ))}
        </ul>
      )}
    </section>
  )
}

function take(at: number, one: SaferWay): void {
  editRoutine((routine) => takeSafer(routine, at, one))
  setPlay({ preview: null })
}

type RemedyProps = { one: SaferWay; original: SaferWays['original']; onTake: () => void }

function Remedy({ one, original, onTake }: RemedyProps) {
  const show = () => setPlay({ preview: one.way })
  const hide = () => setPlay({ preview: null })
  return (
    <li onPointerEnter={show} onPointerLeave={hide} onFocus={show} onBlur={hide}>
      <strong>{sayWayChanges(one.changes)}</strong>
      <small>{[one.kind, ...one.also].map((kind) => saySaferKind(kind)).join(', ')}</small>
      <p>
        <VerdictMark verdict={one.marks.verdict ?? 'beyond'} size={13} /> {sayBought(original, one.marks)}
      </p>
      <Button variant="contained" onClick={onTake}>
        {say('take')}
      </Button>
    </li>
  )
}
