'use client'

import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import type { Group } from '@/records/groups'
import { ask, RefusedError } from '@/ui/api/ask'
import { Field } from '@/ui/forms/Field'
import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'

type GroupNameSheetProps = { open: boolean; onClose: () => void; group: Group; onDone: () => void }

/** Another name for a group: who is in it and what is planned for it stays. */
export function GroupNameSheet({ open, onClose, group, onDone }: GroupNameSheetProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const name = String(new FormData(event.currentTarget).get('name')).trim()
    try {
      await ask('/api/groups', 'PATCH', { id: group.id, name })
      onDone()
    } catch (error) {
      setProblem(error instanceof RefusedError ? error.message : 'It could not be saved; nothing was changed.')
    }
  }
  return (
    <Sheet title="Rename the group" open={open} onClose={onClose}>
      <form className={styles.form} onSubmit={submit}>
        <label>
          Name
          <Field name="name" required maxLength={80} defaultValue={group.name} autoFocus />
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
