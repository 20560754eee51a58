'use client'

import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { ask, RefusedError } from '@/ui/api/ask'
import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'

type GroupNameSheetProps = { open: boolean; onClose: () => void; group: string; onDone: (name: string) => void }

/** Another name for a group, in everybody's record at once. */
export function GroupNameSheet({ open, onClose, group, onDone }: GroupNameSheetProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const to = String(new FormData(event.currentTarget).get('name')).trim()
    try {
      await ask('/api/people/group', 'PATCH', { from: group, to })
      onDone(to)
    } catch (error) {
      setProblem(error instanceof RefusedError ? error.message : 'It could not be saved; nothing was changed.')
    }
  }
  return (
    <Sheet title="Rename the group" open={open} onClose={onClose}>
      <form className={styles.form} onSubmit={submit}>
        <label>
          Name
          {/* biome-ignore lint/a11y/noAutofocus: the sheet was opened to be filled in */}
          <input name="name" required maxLength={80} defaultValue={group} autoFocus />
        </label>
        {problem && <p role="alert">{problem}</p>}
        <div className={styles.actions}>
          <Button type="submit" variant="contained">
            Rename
          </Button>
        </div>
      </form>
    </Sheet>
  )
}
