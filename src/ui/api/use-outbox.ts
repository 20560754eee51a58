import { useEffect, useRef, useState } from 'react'
import type { LogBody, LogRow } from '@/documents/log-document'
import { ask } from './ask'
import { type Alone, Outbox, type OutboxState } from './outbox'
import { LOCAL } from './shelf'

/** An entry of the log: which row, and what is said of it. */
export type LogEntry = {
  person: string
  day: string
  group: string
  piece?: string
  title?: string
  said?: Partial<LogBody>
  happened?: NonNullable<LogBody['happened']>
  mistaken?: string[]
}

const KEY = 'nivrel.log'
const NOTHING: OutboxState = { waiting: 0, refused: null, unkept: 0, unreadable: [] }

/** Between the windows of a browser; where it knows no locks, as on an address without encryption, each for itself. */
const alone: Alone = async (what, run) => {
  await (navigator.locks ? navigator.locks.request(what, run) : run())
}

/** Entries of the log, sent as they are made; what waits is on this machine, and goes with the next page that can send it. */
export function useOutbox(onSaved: (rows: LogRow[]) => void) {
  const [state, setState] = useState(NOTHING)
  const saved = useRef(onSaved)
  saved.current = onSaved
  const outbox = useRef<Outbox<LogEntry>>(null as never)
  useEffect(() => {
    const mine = new Outbox<LogEntry>(
      KEY,
      async (rows) => saved.current(await ask<LogRow[]>('/api/log', 'POST', { rows })),
      setState,
      LOCAL,
      alone,
    )
    outbox.current = mine
    const onOther = () => mine.tell()
    window.addEventListener('storage', onOther)
    return () => {
      window.removeEventListener('storage', onOther)
      mine.end()
    }
  }, [])
  return {
    ...state,
    add: (entries: readonly LogEntry[]) => outbox.current.add(entries),
    waitingOf: () => outbox.current?.waiting ?? [],
    forgetUnreadable: () => outbox.current.forgetUnreadable(),
  }
}
