import Button from '@mui/material/Button'
import { useRef, useState } from 'react'
import { InputError } from '@/core'
import { parse, parseJson } from '@/documents/parse'
import { recordDocument } from '@/documents/record-document'
import { type Group, sayGroups } from '@/records/groups'
import { download } from '@/ui/files/download'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import type { PartProps } from './part-props'
import type { TakeGroups } from './use-groups'

type RecordFileProps = Pick<PartProps, 'record' | 'change'> & { groups: readonly Group[]; takeGroups: TakeGroups }

/** The whole record out and in as one file, which names groups as people do. */
export function RecordFile({ record, change, groups, takeGroups }: RecordFileProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const input = useRef<HTMLInputElement>(null)
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
      setProblem(t('nameWasNotOpened', { name: file.name, fieldError: sayFieldError(error, words) }))
    }
  }
  const takeOut = () => {
    const text = JSON.stringify(sayGroups(record, groups), null, 2)
    download(`${fileName(record.name)}.person.json`, 'application/json', text)
  }
  return (
    <>
      <Button onClick={takeOut}>{t('recordFile')}</Button>
      <Button onClick={() => input.current?.click()}>{t('recordFromFile')}</Button>
      <input
        ref={input}
        hidden
        type="file"
        accept=".json,application/json"
        onChange={(event) => open(event.target.files?.[0])}
      />
      {problem && <p role="alert">{problem}</p>}
    </>
  )
}

const fileName = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '') || 'person'
