import { useEffect, useRef, useState } from 'react'
import type { RoutineDocument } from '@/documents/routine-document'
import type { OwnRoutine } from '@/keeping/routines'
import { ask } from '@/ui/api/ask'
import { awaitSent } from '@/ui/api/leaving'
import { SAVED, Saver, type SaveState } from '@/ui/api/saver'
import { useLeaving } from '@/ui/api/use-leaving'
import { useWords } from '@/ui/words/use-words'
import { sayRoutineName } from '@/words/routines'
import { editRoutine, openRoutine, useRoutine } from './store'

const REST_MS = 250

const isSame = (a: SaveState<OwnRoutine>, b: SaveState<OwnRoutine>): boolean =>
  a.isSaved === b.isSaved && a.problem === b.problem && a.theirs === b.theirs

const fetchRoutine = async (id: string) =>
  (await ask<OwnRoutine[]>('/api/routines', 'GET')).find((one) => one.id === id) ?? null

/** Saves the routine that is open as it changes: a shipped one becomes the house's own with its first change. */
export function useSaving(own: readonly OwnRoutine[], onSaved: (saved: OwnRoutine) => void) {
  const words = useWords()
  const [state, setState] = useState<SaveState<OwnRoutine>>(SAVED)
  const told = useRef(onSaved)
  told.current = onSaved
  const known = useRef(own)
  known.current = own
  const id = useRoutine((on) => on.id)
  const saver = useRef<Saver<RoutineDocument, OwnRoutine>>(null as never)
  const openFor = (which: string) => {
    const mine: Saver<RoutineDocument, OwnRoutine> = new Saver<RoutineDocument, OwnRoutine>(
      {
        what: `routine ${which}`,
        title: sayRoutineName(which, useRoutine.getState().routine, words),
        revision: known.current.find((one) => one.id === which)?.revision ?? 0,
        restMs: REST_MS,
        readTheirs: (theirs) => theirs.document,
        request: (document) => ({ path: `/api/routines/${which}`, body: { document } }),
        onSaved: (saved) => told.current(saved),
      },
      (now) => {
        // While a foot is dragged it says the same again and again.
        if (saver.current === mine) setState((was) => (isSame(was, now) ? was : now))
      },
    )
    saver.current = mine
  }
  if (saver.current === null) openFor(id)
  useLeaving(saver)
  // Each routine has a saver of its own from the moment that it is open.
  const turnTo = useRef(openFor)
  useEffect(
    () =>
      useRoutine.subscribe((now, before) => {
        if (now.id !== before.id) {
          saver.current.flush()
          turnTo.current(now.id)
          setState(SAVED)
        } else if (now.opened === before.opened && now.routine !== before.routine) saver.current.change(now.routine)
      }),
    [],
  )
  // What no server took when this was left last waits on this machine; what the page before sent while it was left may
  // arrive only now.
  useEffect(() => {
    const mine = saver.current
    const waited = mine.resume(known.current.find((one) => one.id === id)?.document ?? null)
    if (waited) editRoutine(() => waited)
    awaitSent(
      `routine ${id}`,
      () => fetchRoutine(id),
      (found) => found?.revision ?? 0,
    )
      .then((found) => {
        if (!found || saver.current !== mine || !mine.isUntouched) return
        mine.accept(found.revision)
        told.current(found)
        openRoutine(id, found.document)
      })
      .catch(() => {})
  }, [id])
  const { theirs } = state
  return {
    ...state,
    /** Ours goes over theirs. */
    keepMine: () => theirs && saver.current.settle(theirs.revision),
    takeTheirs: () => {
      if (!theirs) return
      saver.current.accept(theirs.revision)
      told.current(theirs)
      openRoutine(theirs.id, theirs.document)
    },
    /** What the server has of this now, after something else than a save. */
    accept: (revision: number) => saver.current.accept(revision),
    flush: () => saver.current.flush(),
  }
}
