import { OnThisMachine } from '@/ui/api/OnThisMachine'
import { useLate } from '@/ui/api/use-late'
import type { useOutbox } from '@/ui/api/use-outbox'
import { useWords } from '@/ui/words/use-words'
import { sayRefusal } from '@/words/fields'

/** What waits for the server, what this machine does not keep of it, and what was refused. */
export function Waiting({ outbox }: { outbox: ReturnType<typeof useOutbox> }) {
  const words = useWords()
  const { waiting, unkept, refused } = outbox
  const late = useLate(waiting > unkept)
  return (
    <>
      <OnThisMachine outbox={outbox} />
      {refused && <p role="alert">{words.say('log.tools.refused', { why: sayRefusal(refused.why, words) })}</p>}
      {!refused && late && <p role="status">{words.say('lesson.teach.waiting', { n: waiting - unkept })}</p>}
    </>
  )
}
