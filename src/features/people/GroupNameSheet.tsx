'use client'

import type { Group } from '@/records/groups'
import { ask } from '@/ui/api/ask'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Sheet } from '@/ui/words/Sheet'
import { useSay } from '@/ui/words/use-words'

type GroupNameSheetProps = { open: boolean; onClose: () => void; group: Group; onDone: () => void }

/** Another name for a group: who is in it and what is planned for it stays. */
export function GroupNameSheet({ open, onClose, group, onDone }: GroupNameSheetProps) {
  const t = useSay('screens.people')
  const rename = async (read: Read) => {
    await ask('/api/groups', 'PATCH', { id: group.id, name: read('name') })
    onDone()
  }
  return (
    <Sheet title={t('renameGroup')} open={open} onClose={onClose}>
      <Form verb={t('rename')} onEnter={rename}>
        <label>
          {t('name')}
          <Field name="name" required maxLength={80} defaultValue={group.name} autoFocus />
        </label>
      </Form>
    </Sheet>
  )
}
