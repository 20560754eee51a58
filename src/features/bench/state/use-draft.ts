import { useCallback, useEffect, useRef, useState } from 'react'
import type { BenchOfPerson, Draft, OnBench } from '@/server/bench'
import { OvertakenError, RefusedError } from '@/ui/api/ask'
import { awaitSent, rememberLeaving } from '@/ui/api/leaving'
import { takeTyped } from '@/ui/words/use-taking'
import { fetchBench, saveDraft } from './api'
import { useBench } from './store'

const REST = 250
const AGAIN = 3000

/**
 * Saves what is on the bench shortly after it rests, and at once when the page is left: leaving loses nothing. Where
 * another page saved for the same person, this one is told and saves no more before one of the two was chosen.
 */
export function useDraft(first: BenchOfPerson, onNewer: (opened: BenchOfPerson) => void) {
  const [theirs, setTheirs] = useState<Draft | null>(null)
  const revision = useRef(first.draft?.revision ?? 0)
  const overtaken = useRef(false)
  const flush = useRef(async () => {})
  const begin = useCallback(({ draft }: BenchOfPerson) => {
    revision.current = draft?.revision ?? 0
    overtaken.current = false
    setTheirs(null)
  }, [])
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null
    let last: Promise<void> = Promise.resolve()
    let underWay = 0
    const send = async (on: OnBench, personId: string) => {
      if (overtaken.current) return
      underWay++
      try {
        const saved = await saveDraft(personId, { ...on, revision: revision.current })
        if (useBench.getState().person.id === personId) revision.current = saved.revision
      } catch (error) {
        if (error instanceof OvertakenError) {
          overtaken.current = true
          setTheirs(error.current as Draft)
        } else if (!(error instanceof RefusedError) && useBench.getState().person.id === personId) {
          timer ??= setTimeout(save, AGAIN)
        }
      } finally {
        underWay--
      }
    }
    const save = () => {
      if (timer === null) return
      clearTimeout(timer)
      timer = null
      const { person, posture, school, stance } = useBench.getState()
      // One after another: each names the revision that the one before made.
      if (person.id) last = last.then(() => send({ posture, school, stance }, person.id))
    }
    flush.current = () => {
      save()
      return last
    }
    const leave = () => {
      takeTyped()
      const { id } = useBench.getState().person
      const coming = underWay + (timer === null ? 0 : 1)
      if (coming > 0) rememberLeaving(`bench ${id}`, revision.current + coming)
      if (timer === null || underWay === 0) return save()
      // The page is going: what is under way will have made the next revision.
      clearTimeout(timer)
      timer = null
      const { person, posture, school, stance } = useBench.getState()
      if (overtaken.current) return
      saveDraft(person.id, { posture, school, stance, revision: revision.current + underWay }).catch(() => {})
    }
    const stop = useBench.subscribe((now, before) => {
      if (now.person !== before.person) {
        if (timer !== null) clearTimeout(timer)
        timer = null
      } else if (now.stance !== before.stance) {
        if (timer !== null) clearTimeout(timer)
        timer = setTimeout(save, REST)
      }
    })
    window.addEventListener('pagehide', leave)
    return () => {
      save()
      stop()
      window.removeEventListener('pagehide', leave)
    }
  }, [])
  const newer = useRef(onNewer)
  newer.current = onNewer
  useEffect(() => {
    const { person, draft } = first
    const there = draft?.revision ?? 0
    awaitSent(
      `bench ${person.id}`,
      () => fetchBench(person.id),
      (found) => found.draft?.revision ?? 0,
    )
      .then((found) => {
        if (!found || revision.current !== there || useBench.getState().person.id !== person.id) return
        begin(found)
        newer.current(found)
      })
      .catch(() => {})
  }, [first, begin])
  /** One of the two was chosen: what is on the bench is saved over what is there now. */
  const settle = () => {
    if (theirs) revision.current = theirs.revision
    overtaken.current = false
    setTheirs(null)
  }
  /** What is on the bench is saved before somebody else comes onto it. */
  const saveNow = useCallback(() => flush.current(), [])
  return { theirs, settle, begin, saveNow }
}
