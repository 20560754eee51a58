import { type ReactNode, useEffect, useMemo, useRef } from 'react'
import type { Body, RoutinePart, SaferWay, ShownPath } from '@/core'
import { HALF_BREATH_S, type RoutineDocument } from '@/documents/routine-document'
import { toPerson } from '@/documents/to-core'
import type { BenchPerson } from '@/keeping/bench'
import { startRefine } from '@/workers/safer'
import { PlayBar } from './body/PlayBar'
import { PlayedBody } from './body/PlayedBody'
import { PlayedVials } from './body/PlayedVials'
import { PathFloor } from './floor/PathFloor'
import { StepFloor } from './floor/StepFloor'
import styles from './path.module.css'
import { Ribbon } from './ribbon/Ribbon'
import { PathSaid } from './said/PathSaid'
import { useFit } from './state/use-fit'
import { useMends } from './state/use-mends'
import { useSaferThere } from './state/use-safer-there'
import type { Library } from './state/use-walk'
import { wayTo } from './state/way-to'
import { Asks } from './trouble/Asks'
import { listTroubles } from './trouble/list-troubles'
import { Remedies } from './trouble/Remedies'
import { PINNED, Trouble } from './trouble/Trouble'
import { TwoWays } from './trouble/TwoWays'
import { WholeRemedy } from './trouble/WholeRemedy'

type WalkedProps = {
  path: ShownPath
  /** Of what or who was there before. */
  isStale: boolean
  body: Body
  person: BenchPerson
  library: Library
  routine: RoutineDocument
  parts: RoutinePart[]
  /** The part whose way there is opened. */
  open: number | null
  names: readonly string[]
  room: { width: number; depth: number }
  facing: string
  /** The order of its parts, under what runs along time. */
  children: ReactNode
}

/** A routine as somebody walks it: what it comes to, its floor with them on it, what is wrong with what helps, and time. */
export function Walked(props: WalkedProps) {
  const { path, isStale, body, person, library, routine, parts, open, names, room, facing, children } = props
  const floor = useRef<HTMLDivElement>(null)
  const wasOpen = useRef(open)
  // What opened a way, or closed it, may be gone with it: one goes on at the floor, not at the page's beginning.
  useEffect(() => {
    if (wasOpen.current !== open && document.activeElement === document.body)
      floor.current?.focus({ preventScroll: true })
    wasOpen.current = open
  }, [open])
  const fresh = isStale ? null : path
  const fit = useFit(fresh, parts, routine, person, library)
  const troubles = useMemo(() => listTroubles(path), [path])
  const pinned = useMemo(() => troubles.slice(0, PINNED), [troubles])
  const wanted = [...(open ? [open] : []), ...pinned.map(({ part }) => part).filter((part) => part > 0)]
  // What no single measure mends is mended way by way.
  const needsMending = fit === 'unfit' || (typeof fit === 'object' && fit?.parts === null && fit.how !== 'sits')
  const mends = useMends(needsMending ? fresh : null, routine, person, library)
  // The machine works at one thing: first at what is said first.
  const isSearching = fit === 'searching' || mends === 'searching'
  const safer = useSaferThere(isSearching && !open ? null : fresh, parts, person.document, wanted)
  const refine = async (at: number, one: SaferWay) => {
    const [asked, ways] = [wayTo(path, parts, at), safer.known.get(at)]
    if (!asked || typeof ways !== 'object') return
    const fine = await startRefine(toPerson(person.document), asked.way, asked.anchor, one).found.catch(() => one)
    safer.put(at, { ...ways, ways: ways.ways.map((each) => (each.kind === one.kind ? fine : each)) })
  }
  return (
    <div className={styles.work} data-stale={isStale}>
      <PathSaid path={path} person={person} fit={fit} mends={mends} worst={troubles[0]} names={names} />
      <div ref={floor} tabIndex={-1} className={styles.floor}>
        {open && path.transitions[open - 1] ? (
          <div className={styles.step}>
            <StepFloor
              path={path}
              body={body}
              person={person}
              library={library}
              parts={parts}
              at={open}
              name={names[open] ?? ''}
            />
            <PlayedBody path={path} body={body}>
              <PlayedVials path={path} body={body} />
            </PlayedBody>
          </div>
        ) : (
          <PathFloor path={path} body={body} room={room} facing={facing} troubles={pinned} />
        )}
      </div>
      <PlayBar path={path} />
      <div className={styles.right}>
        {open && (
          <>
            <Remedies found={safer.known.get(open) ?? null} at={open} onRefine={(one) => refine(open, one)} />
            <TwoWays
              path={path}
              body={body}
              parts={parts}
              at={open}
              school={routine.school ?? 'long-upright'}
              ways={library.ways}
            />
          </>
        )}
        <Trouble
          path={path}
          troubles={troubles}
          names={names}
          who={person.name}
          routine={routine}
          parts={parts}
          safer={safer.known}
        />
        {!open && <WholeRemedy parts={parts} person={person.document} />}
        <Asks path={path} halfBreathS={routine.tempo?.halfBreathS ?? HALF_BREATH_S} />
      </div>
      <div className={styles.along}>
        <Ribbon path={path} parts={routine.parts} names={names} />
        {children}
      </div>
    </div>
  )
}
