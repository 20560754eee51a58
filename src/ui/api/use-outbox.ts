import { useEffect, useRef, useState } from 'react'
import type { LogBody, LogRow } from '@/documents/log-document'
import { ask } from './ask'
import { countWaiting, Outbox, type OutboxState } from './outbox'

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
const SHELF = {
  read: (key: string) => localStorage.getItem(key),
  write: (key: string, text: string) => localStorage.setItem(key, text),
}

/** Entries of the log, sent as they are made; what waits is on this machine, and goes with the next page that can send it. */
export function useOutbox(onSaved: (rows: LogRow[]) => void) {
  const [state, setState] = useState<OutboxState>(() => ({ waiting: countWaiting(KEY, SHELF), refused: null }))
  const saved = useRef(onSaved)
  saved.current = onSaved
  const outbox = useRef<Outbox<LogEntry>>(null as never)
  useEffect(() => {
    const mine = new Outbox<LogEntry>(
      KEY,
      async (rows) => saved.current(await ask<LogRow[]>('/api/log', 'POST', { rows })),
      setState,
      SHELF,
    )
    outbox.current = mine
    return () => mine.end()
  }, [])
  return {
    ...state,
    add: (entries: readonly LogEntry[]) => outbox.current.add(entries),
    waitingOf: () => outbox.current?.waiting ?? [],
  }
}
