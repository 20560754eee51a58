import Button from '@mui/material/Button'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { ask } from '@/ui/api/ask'
import { useAttempt } from '@/ui/api/use-attempt'
import { Sheet } from '@/ui/words/Sheet'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useSay } from '@/ui/words/use-words'
import type { PartProps } from './part-props'
import styles from './person.module.css'

const UNREACHED = 'That did not reach the records; nothing was changed. Try again.'

/** Putting somebody away, which keeps everything, and deleting them, which can be undone until the program is left. */
export function TakeAway({ record, change, id }: Pick<PartProps, 'record' | 'change'> & { id: string }) {
  const t = useSay('screens.people')
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
        {record.archived ? t('bringBack2') : t('archive')}
      </Button>
      <Button onClick={() => setAsking(true)}>{t('delete')}</Button>
      {problem && <p role="alert">{problem}</p>}
      <UndoSnack
        open={gone}
        message={t('nameWasDeletedGone', { name: record.name })}
        action={t('bringBack2')}
        onUndo={bringBack}
      />
      <Sheet title={t('deleteName', { name: record.name })} open={asking} onClose={() => setAsking(false)}>
        <p>{t('theRecordWhatWas')}</p>
        <p className={styles.actions}>
          <Button onClick={takeAway}>{t('delete')}</Button>
          <Button onClick={() => setAsking(false)}>{t('keep')}</Button>
        </p>
      </Sheet>
    </>
  )
}
