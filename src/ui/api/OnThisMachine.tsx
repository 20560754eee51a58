import Button from '@mui/material/Button'
import { download } from '@/ui/files/download'
import { useSay } from '@/ui/words/use-words'
import { useLate } from './use-late'
import type { useOutbox } from './use-outbox'

type OnThisMachineProps = { outbox: Pick<ReturnType<typeof useOutbox>, 'unkept' | 'unreadable' | 'forgetUnreadable'> }

/** What of the log this machine does not keep, or kept and cannot read: that can be taken out. */
export function OnThisMachine({ outbox: { unkept, unreadable, forgetUnreadable } }: OnThisMachineProps) {
  const say = useSay('log.machine')
  const isUnkept = useLate(unkept > 0)
  const takeOut = () => {
    download('log-unread.txt', 'text/plain', unreadable.join('\n'))
    forgetUnreadable()
  }
  return (
    <>
      {isUnkept && <p role="alert">{say('unkept', { n: unkept })}</p>}
      {unreadable.length > 0 && (
        <p role="alert">
          {say('unreadable', { n: unreadable.length })} <Button onClick={takeOut}>{say('takeOut')}</Button>
        </p>
      )}
    </>
  )
}
