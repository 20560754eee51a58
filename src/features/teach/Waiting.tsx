import { useEffect, useState } from 'react'
import { OnThisMachine } from '@/ui/api/OnThisMachine'
import type { useOutbox } from '@/ui/api/use-outbox'
import { ENGLISH } from '@/words/language'

/** Entries are on their way for a moment each time: said where they stay. */
const SAID_AFTER_MS = 1500

/** What waits for the server, and what it refused. */
export function Waiting({ outbox }: { outbox: ReturnType<typeof useOutbox> }) {
  const { waiting, refused, unkept, unreadable } = outbox
  const [late, setLate] = useState(false)
  const isWaiting = waiting > 0
  useEffect(() => {
    const timer = setTimeout(() => setLate(isWaiting), isWaiting ? SAID_AFTER_MS : 0)
    return () => clearTimeout(timer)
  }, [isWaiting])
  if (unkept > 0 || unreadable.length > 0) return <OnThisMachine outbox={outbox} />
  if (refused) return <p role="alert">{ENGLISH.say('log.tools.refused', { why: refused })}</p>
  if (!late || !isWaiting) return null
  return <p role="status">{ENGLISH.say('lesson.teach.waiting', { n: waiting })}</p>
}
