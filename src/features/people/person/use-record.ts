import { useCallback, useEffect, useRef, useState } from 'react'
import type { RecordDocument } from '@/formats/record-document'
import type { KeptRecord } from '@/server/people'
import { ask, OvertakenError, RefusedError } from '@/ui/api/ask'

const REST = 400

export type Change = (record: RecordDocument) => RecordDocument

/** A record that saves itself shortly after each change. A save over somebody else's is held back and told. */
export function useRecord(kept: KeptRecord) {
  const [steps, setSteps] = useState<readonly RecordDocument[]>([kept.record])
  const [problem, setProblem] = useState<string | null>(null)
  const [saved, setSaved] = useState<RecordDocument>(kept.record)
  const [theirs, setTheirs] = useState<KeptRecord | null>(null)
  const revision = useRef(kept.revision)
  const busy = useRef(false)
  const record = steps[steps.length - 1] as RecordDocument
  const change = useCallback((make: Change) => {
    setSteps((before) => [...before, make(before[before.length - 1] as RecordDocument)])
  }, [])
  const undo = useCallback(() => setSteps((before) => (before.length > 1 ? before.slice(0, -1) : before)), [])

  const save = useCallback(async () => {
    if (busy.current) return
    busy.current = true
    try {
      const answer = await ask<KeptRecord>(`/api/people/${kept.id}`, 'PUT', { revision: revision.current, record })
      revision.current = answer.revision
      setSaved(record)
      setProblem(null)
    } catch (error) {
      if (error instanceof OvertakenError) setTheirs(error.current as KeptRecord)
      else
        setProblem(
          error instanceof RefusedError ? `Not saved. ${error.message}` : 'Not saved yet; the next change tries again.',
        )
    } finally {
      busy.current = false
    }
  }, [kept.id, record])

  useEffect(() => {
    if (record === saved || theirs) return
    const timer = setTimeout(save, REST)
    const leave = () => {
      clearTimeout(timer)
      save()
    }
    window.addEventListener('pagehide', leave)
    return () => {
      clearTimeout(timer)
      window.removeEventListener('pagehide', leave)
    }
  }, [record, saved, theirs, save])

  /** Ends a conflict with the record that was chosen: it is saved over what is there now. */
  const settle = (chosen: RecordDocument) => {
    if (!theirs) return
    revision.current = theirs.revision
    setSteps((before) => [...before, chosen])
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
