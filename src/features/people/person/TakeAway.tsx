import Button from '@mui/material/Button'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { ask } from '@/ui/api/ask'
import { useAttempt } from '@/ui/api/use-attempt'
import { Sheet } from '@/ui/words/Sheet'
import { UndoSnack } from '@/ui/words/UndoSnack'
import type { PartProps } from './part-props'
import styles from './person.module.css'

const UNREACHED = 'That did not reach the records; nothing was changed. Try again.'

/** Putting somebody away, which keeps everything, and deleting them, which can be undone until the program is left. */
export function TakeAway({ record, change, id }: Pick<PartProps, 'record' | 'change'> & { id: string }) {
  const router = useRouter()
  const [asking, setAsking] = useState(false)
  const [gone, setGone] = useState(false)
  const { problem, attempt } = useAttempt()
  const tell = async (path: string, method: 'DELETE' | 'POST', isGone: boolean) => {
    setAsking(false)
    const done = await attempt(() => ask(path, method, {}), UNREACHED)
    if (done) setGone(isGone)
  }
  const takeAway = () => tell(`/api/people/${id}`, 'DELETE', true)
  const bringBack = async () => {
    await tell(`/api/people/${id}/back`, 'POST', false)
    router.refresh()
  }
  return (
    <>
      <Button onClick={() => change((r) => ({ ...r, archived: !r.archived }))}>
        {record.archived ? 'Bring back' : 'Archive'}
      </Button>
      <Button onClick={() => setAsking(true)}>Delete</Button>
      {problem && <p role="alert">{problem}</p>}
      <UndoSnack
        open={gone}
        message={`${record.name} was deleted, and is gone for good when the program is left.`}
        action="Bring back"
        onUndo={bringBack}
      />
      <Sheet title={`Delete ${record.name}?`} open={asking} onClose={() => setAsking(false)}>
        <p>
          The record, what was kept on the bench, and the drafts go. It can be undone until the program is left; then it
          is really gone. Putting away keeps everything.
        </p>
        <p className={styles.actions}>
          <Button onClick={takeAway}>Delete</Button>
          <Button onClick={() => setAsking(false)}>Keep</Button>
        </p>
      </Sheet>
    </>
  )
}
