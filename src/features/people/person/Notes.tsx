import Button from '@mui/material/Button'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { InputError } from '@/core'
import { parse, parseJson } from '@/formats/parse'
import { recordDocument } from '@/formats/record-document'
import type { Group } from '@/server/groups'
import { ask } from '@/ui/api/ask'
import { download } from '@/ui/files/download'
import { Sheet } from '@/ui/words/Sheet'
import { TypedField } from '@/ui/words/TypedField'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { sayError } from '@/words/errors'
import type { PartProps } from './part-props'
import styles from './person.module.css'
import type { TakeGroups } from './use-groups'

type NotesProps = PartProps & { id: string; groups: readonly Group[]; takeGroups: TakeGroups }

/** Notes; the record out and in as one file; putting away, and taking away for good. */
export function Notes({ record, change, id, groups, takeGroups }: NotesProps) {
  const router = useRouter()
  const input = useRef<HTMLInputElement>(null)
  const [asking, setAsking] = useState(false)
  const [gone, setGone] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const open = async (file: File | undefined) => {
    if (!file) return
    try {
      const read = parse(recordDocument, parseJson(await file.text()))
      const ids = (await takeGroups(read.groups)).map((group) => group.id)
      change(() => ({ ...read, groups: ids }))
      setProblem(null)
    } catch (error) {
      if (!(error instanceof InputError)) return setProblem(`${file.name} was not opened; try again.`)
      setProblem(`${file.name} was not opened, and nothing was changed. ${sayError(error)}.`)
    }
  }
  /** A file names groups as people do. */
  const takeOut = () => {
    const named = record.groups.flatMap((one) => groups.find((group) => group.id === one)?.name ?? [])
    const text = JSON.stringify({ ...record, groups: named }, null, 2)
    download(`${fileName(record.name)}.person.json`, 'application/json', text)
  }
  const tell = async (path: string, method: 'DELETE' | 'POST', isGone: boolean) => {
    setAsking(false)
    try {
      await ask(path, method, {})
      setGone(isGone)
      setProblem(null)
    } catch {
      setProblem('That did not reach the records; nothing was changed. Try again.')
    }
  }
  const takeAway = () => tell(`/api/people/${id}`, 'DELETE', true)
  const bringBack = async () => {
    await tell(`/api/people/${id}/back`, 'POST', false)
    router.refresh()
  }
  return (
    <section className={styles.part} aria-label="Notes">
      <h2>Notes</h2>
      <label className={styles.wide}>
        In a line, shown on the bench
        <TypedField
          value={record.story}
          maxLength={500}
          onTyped={(story) => change((r) => ({ ...r, story }), 'story')}
        />
      </label>
      <label className={styles.wide}>
        Everything else
        <TypedField
          value={record.notes}
          maxLength={5000}
          rows={3}
          onTyped={(notes) => change((r) => ({ ...r, notes }), 'notes')}
        />
      </label>
      <p className={styles.actions}>
        <Button onClick={takeOut}>Record to a file</Button>
        <Button onClick={() => input.current?.click()}>Record from a file</Button>
        <input
          ref={input}
          hidden
          type="file"
          accept=".json,application/json"
          onChange={(event) => open(event.target.files?.[0])}
        />
        <Button onClick={() => change((r) => ({ ...r, archived: !r.archived }))}>
          {record.archived ? 'Bring back from away' : 'Put away'}
        </Button>
        <Button onClick={() => setAsking(true)}>Delete</Button>
      </p>
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
    </section>
  )
}

const fileName = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '') || 'person'
