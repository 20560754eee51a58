import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import type { RecordDocument } from '@/documents/record-document'
import type { KeptRecord } from '@/records/kept-record'
import { mergeRecords } from '@/records/merge'
import { ask } from '@/ui/api/ask'
import { awaitSent } from '@/ui/api/leaving'
import { SAVED, Saver, type SaveState } from '@/ui/api/saver'
import { useLeaving } from '@/ui/api/use-leaving'

const REST_MS = 400

export type Change = (record: RecordDocument) => RecordDocument

/** A version of the record; the letters typed into one field are one version. */
type Step = { record: RecordDocument; typing: string | null }

/** A record that saves itself shortly after each change, with the way back. */
export function useRecord(kept: KeptRecord) {
  const [steps, setSteps] = useState<readonly Step[]>([{ record: kept.record, typing: null }])
  /** What the server has: what both begin from where somebody else saves. */
  const [base, setBase] = useState<RecordDocument>(kept.record)
  const [state, setState] = useState<SaveState<KeptRecord>>(SAVED)
  const address = `/api/people/${kept.id}`
  const saver = useRef<Saver<RecordDocument, KeptRecord>>(null as never)
  saver.current ??= new Saver(
    {
      what: `person ${kept.id}`,
      title: kept.record.name,
      revision: kept.revision,
      restMs: REST_MS,
      readTheirs: (theirs) => theirs.record,
      request: (record) => ({ path: address, body: { record } }),
      onSaved: (_, record) => setBase(record),
    },
    setState,
  )
  useLeaving(saver)
  const { record } = steps[steps.length - 1] as Step
  const given = useRef(record)
  // Before anything is shown: what is changed here is never called saved.
  useLayoutEffect(() => {
    if (record === given.current) return
    given.current = record
    saver.current.change(record)
  }, [record])
  const change = useCallback((make: Change, typing: string | null = null) => {
    setSteps((before) => {
      const last = before[before.length - 1] as Step
      const goesOn = typing !== null && last.typing === typing
      return [...(goesOn ? before.slice(0, -1) : before), { record: make(last.record), typing }]
    })
  }, [])
  const undo = useCallback(() => setSteps((before) => (before.length > 1 ? before.slice(0, -1) : before)), [])

  // What no server took when this page was left last waits on this machine.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, with what the page came with
  useEffect(() => {
    const waited = saver.current.resume(kept.record)
    if (waited) change(() => waited)
  }, [])

  useEffect(() => {
    const look = () => ask<KeptRecord>(address, 'GET')
    awaitSent(`person ${kept.id}`, look, (found) => found.revision)
      .then((found) => {
        if (!found || !saver.current.isUntouched) return
        saver.current.accept(found.revision)
        given.current = found.record
        setSteps([{ record: found.record, typing: null }])
        setBase(found.record)
      })
      .catch(() => {})
  }, [kept.id, address])

  /** Ends a conflict with the record that was chosen: it is saved over what is there now. */
  const settle = (chosen: RecordDocument) => {
    if (!state.theirs) return
    saver.current.settle(state.theirs.revision)
    setBase(state.theirs.record)
    change(() => chosen)
  }
  // Who changed something else is no other: both changes are one record.
  const { theirs } = state
  const merged = useMemo(() => theirs && mergeRecords(base, record, theirs.record), [theirs, base, record])
  const latest = useRef(settle)
  latest.current = settle
  useEffect(() => {
    if (merged) latest.current(merged)
  }, [merged])
  /** A page that is left for another of this application is saved first, so that the next one shows what is true. */
  const leaveBy = async (href: string) => {
    await saver.current.flush()
    window.location.assign(href)
  }
  return {
    record,
    change,
    undo,
    canUndo: steps.length > 1,
    base,
    ...state,
    theirs: merged ? null : theirs,
    settle,
    leaveBy,
  }
}
