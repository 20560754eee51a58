import { useCallback, useEffect, useRef, useState } from 'react'
import type { BenchOfPerson, Draft, OnBench } from '@/keeping/bench'
import { awaitSent } from '@/ui/api/leaving'
import { SAVED, Saver, type SaveState } from '@/ui/api/saver'
import { useLeaving } from '@/ui/api/use-leaving'
import { fetchBench } from './api'
import { openOnBench, toState, useBench } from './store'

const REST_MS = 250

const openSaver = ({ person, draft }: BenchOfPerson, onState: (state: SaveState<Draft>) => void) =>
  new Saver<OnBench, Draft>(
    {
      what: `bench ${person.id}`,
      title: person.name,
      revision: draft?.revision ?? 0,
      restMs: REST_MS,
      request: (on) => ({ path: `/api/bench/${person.id}/draft`, body: on }),
      readTheirs: pickOnBench,
    },
    onState,
  )

const pickOnBench = ({ posture, school, stance }: OnBench): OnBench => ({ posture, school, stance })

/**
 * Saves what is on the bench as it changes. Where another page saved for the same person, this one is told and saves no
 * more before one of the two was chosen.
 */
export function useDraft(first: BenchOfPerson, onNewer: (opened: BenchOfPerson) => void) {
  const [state, setState] = useState<SaveState<Draft>>(SAVED)
  const saver = useRef<Saver<OnBench, Draft>>(null as never)
  saver.current ??= openSaver(first, setState)
  useLeaving(saver)
  /** Somebody else comes onto the bench. */
  const begin = useCallback((opened: BenchOfPerson) => {
    saver.current = openSaver(opened, setState)
    setState(SAVED)
  }, [])
  useEffect(
    () =>
      useBench.subscribe((now, before) => {
        if (now.person !== before.person || now.stance === before.stance || !now.person.id) return
        const { posture, school, stance } = now
        saver.current.change({ posture, school, stance })
      }),
    [],
  )
  // What no server took when this was left last waits on this machine.
  useEffect(() => {
    const waited = saver.current.resume(first.draft && pickOnBench(first.draft))
    if (waited) openOnBench(toState(waited))
  }, [first])
  const newer = useRef(onNewer)
  newer.current = onNewer
  useEffect(() => {
    const { id } = first.person
    const mine = saver.current
    awaitSent(
      `bench ${id}`,
      () => fetchBench(id),
      (found) => found.draft?.revision ?? 0,
    )
      .then((found) => {
        if (!found || saver.current !== mine || !mine.isUntouched || useBench.getState().person.id !== id) return
        begin(found)
        newer.current(found)
      })
      .catch(() => {})
  }, [first, begin])
  /** One of the two was chosen: what is on the bench is saved over what is there now. */
  const settle = () => state.theirs && saver.current.settle(state.theirs.revision)
  /** What is on the bench is saved before somebody else comes onto it. */
  const saveNow = useCallback(() => saver.current.flush(), [])
  return { theirs: state.theirs, problem: state.problem, settle, begin, saveNow }
}
