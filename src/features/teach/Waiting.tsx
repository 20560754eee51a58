import { OnThisMachine } from '@/ui/api/OnThisMachine'
import { useLate } from '@/ui/api/use-late'
import type { useOutbox } from '@/ui/api/use-outbox'
import { ENGLISH } from '@/words/language'

/** What waits for the server, what this machine does not keep of it, and what was refused. */
export function Waiting({ outbox }: { outbox: ReturnType<typeof useOutbox> }) {
  const { waiting, unkept, refused } = outbox
  const late = useLate(waiting > unkept)
  return (
    <>
      <OnThisMachine outbox={outbox} />
      {refused && <p role="alert">{ENGLISH.say('log.tools.refused', { why: refused })}</p>}
      {!refused && late && <p role="status">{ENGLISH.say('lesson.teach.waiting', { n: waiting - unkept })}</p>}
    </>
  )
}
