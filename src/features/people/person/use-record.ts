import { useCallback, useEffect, useRef, useState } from 'react'
import type { RecordDocument } from '@/formats/record-document'
import type { KeptRecord } from '@/server/people'
import { ask, OvertakenError, RefusedError } from '@/ui/api/ask'
import { awaitSent, rememberLeaving } from '@/ui/api/leaving'
import { takeTyped } from '@/ui/words/use-taking'

const REST = 400
const AGAIN = 3000

export type Change = (record: RecordDocument) => RecordDocument

/** A version of the record; the letters typed into one field are one version. */
type Step = { record: RecordDocument; typing: string | null }

/** A record that saves itself shortly after each change. A save over somebody else's is held back and told. */
export function useRecord(kept: KeptRecord) {
  const [steps, setSteps] = useState<readonly Step[]>([{ record: kept.record, typing: null }])
  const [problem, setProblem] = useState<string | null>(null)
  const [saved, setSaved] = useState<RecordDocument>(kept.record)
  const [theirs, setTheirs] = useState<KeptRecord | null>(null)
  const [tries, setTries] = useState(0)
  const revision = useRef(kept.revision)
  const busy = useRef(false)
  const { record } = steps[steps.length - 1] as Step
  // What is to be saved, for whoever saves when the page is left.
  const now = useRef({ record, isSaved: true, isHeld: false })
  now.current = { record, isSaved: record === saved, isHeld: theirs !== null }
  const change = useCallback((make: Change, typing: string | null = null) => {
    setSteps((before) => {
      const last = before[before.length - 1] as Step
      const goesOn = typing !== null && last.typing === typing
      return [...(goesOn ? before.slice(0, -1) : before), { record: make(last.record), typing }]
    })
  }, [])
  const undo = useCallback(() => setSteps((before) => (before.length > 1 ? before.slice(0, -1) : before)), [])

  const save = useCallback(async () => {
    if (busy.current) return
    busy.current = true
    const mine = now.current.record
    try {
      const value = { revision: revision.current, record: mine }
      const answer = await ask<KeptRecord>(`/api/people/${kept.id}`, 'PUT', value)
      revision.current = answer.revision
      setSaved(mine)
      setProblem(null)
    } catch (error) {
      if (error instanceof OvertakenError) setTheirs(error.current as KeptRecord)
      else if (error instanceof RefusedError) setProblem(`Not saved. ${error.message}`)
      else {
        setProblem('Not saved: the server does not answer yet. It is tried again.')
        setTimeout(() => setTries((n) => n + 1), AGAIN)
      }
    } finally {
      busy.current = false
    }
  }, [kept.id])

  // biome-ignore lint/correctness/useExhaustiveDependencies: a save that found no server is tried again
  useEffect(() => {
    if (record === saved || theirs) return
    const timer = setTimeout(save, REST)
    return () => clearTimeout(timer)
  }, [record, saved, theirs, save, tries])

  useEffect(() => {
    const leave = () => {
      takeTyped()
      const { record: mine, isSaved, isHeld } = now.current
      if (isSaved || isHeld) return
      // One that is on its way will have made the next revision.
      const value = { revision: revision.current + (busy.current ? 1 : 0), record: mine }
      ask(`/api/people/${kept.id}`, 'PUT', value).catch(() => {})
      rememberLeaving(`person ${kept.id}`, value.revision + 1)
    }
    window.addEventListener('pagehide', leave)
    return () => window.removeEventListener('pagehide', leave)
  }, [kept.id])

  useEffect(() => {
    const look = () => ask<KeptRecord>(`/api/people/${kept.id}`, 'GET')
    awaitSent(`person ${kept.id}`, look, (found) => found.revision)
      .then((found) => {
        if (!found || !now.current.isSaved || revision.current !== kept.revision) return
        revision.current = found.revision
        setSteps([{ record: found.record, typing: null }])
        setSaved(found.record)
      })
      .catch(() => {})
  }, [kept.id, kept.revision])

  /** Ends a conflict with the record that was chosen: it is saved over what is there now. */
  const settle = (chosen: RecordDocument) => {
    if (!theirs) return
    revision.current = theirs.revision
    change(() => chosen)
    setSaved(theirs.record)
    setTheirs(null)
  }
  /** A page that is left for another of this application is saved first, so that the next one shows what is true. */
  const leaveBy = async (href: string) => {
    if (record !== saved && !theirs) await save()
    window.location.assign(href)
  }
  return {
    record,
    change,
    undo,
    canUndo: steps.length > 1,
    problem,
    saved,
    isSaved: record === saved,
    theirs,
    settle,
    leaveBy,
  }
}
