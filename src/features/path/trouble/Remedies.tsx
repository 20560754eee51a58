import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useEffect, useRef, useState } from 'react'
import type { RoutinePart, SaferWay, SaferWays, ShownPath, Side, Way } from '@/core'
import type { PersonDocument } from '@/formats/person-document'
import { toPerson } from '@/formats/to-core'
import { VerdictMark } from '@/ui/words/VerdictMark'
import { ENGLISH } from '@/words/language'
import { sayBought, saySaferKind, sayWayChanges } from '@/words/safer'
import { startRefine, startSaferWays } from '@/workers/safer'
import { setPlay } from '../state/play'
import { editRoutine } from '../state/store'
import { takeSafer } from '../state/take'
import styles from './trouble.module.css'

type RemediesProps = { path: ShownPath; parts: readonly RoutinePart[]; person: PersonDocument; at: number }

const REST_MS = 500
type Found = SaferWays | 'searching' | 'broken'
type RemedySearch = { way: Way; anchor: Side | null }

const say = (key: string) => ENGLISH.say(`safer.${key}`)

/** Safer ways to the part that is open: what changes and what it buys; shown over the original, taken with one press. */
export function Remedies({ path, parts, person, at }: RemediesProps) {
  const [found, setFound] = useState<Found>('searching')
  const way = path.transitions[at - 1]
  const asked = useRef<RemedySearch | null>(null)
  useEffect(() => {
    const [before, part, stood] = [parts[at - 1], parts[at], path.parts[at - 1]]
    if (!before || !part || !stood) return
    setFound('searching')
    let cancel = () => {}
    const timer = setTimeout(() => {
      const { at: _, ...stance } = stood.stance
      const mine = { way: { before: { ...before, stance }, parts: [part] }, anchor: way?.anchor ?? null }
      asked.current = mine
      const search = startSaferWays(toPerson(person), mine.way, mine.anchor)
      cancel = search.cancel
      search.found.then(setFound).catch(() => setFound('broken'))
    }, REST_MS)
    return () => {
      clearTimeout(timer)
      cancel()
      setPlay({ preview: null })
    }
  }, [path, parts, person, at, way])
  const refine = async (one: SaferWay) => {
    const mine = asked.current
    if (!mine) return
    const fine = await startRefine(toPerson(person), mine.way, mine.anchor, one).found.catch(() => one)
    // Something newer may have been asked for meanwhile.
    if (asked.current !== mine) return
    setFound((was) =>
      typeof was === 'object' ? { ...was, ways: was.ways.map((each) => (each.kind === one.kind ? fine : each)) } : was,
    )
  }
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
            <Remedy
              key={one.kind}
              one={one}
              original={found.original}
              onTake={() => take(at, one)}
              onRefine={() => refine(one)}
            />
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

type RemedyProps = { one: SaferWay; original: SaferWays['original']; onTake: () => void; onRefine: () => void }

function Remedy({ one, original, onTake, onRefine }: RemedyProps) {
  const quarter = one.changes.some((change) => change.what === 'step' && Number.isInteger(change.scale * 4))
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
      {quarter && <Button onClick={onRefine}>{say('refine')}</Button>}
    </li>
  )
}
