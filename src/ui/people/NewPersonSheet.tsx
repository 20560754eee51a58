'use client'

import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { InputError } from '@/core'
import { parse } from '@/formats/parse'
import { personDocument } from '@/formats/person-document'
import { readFigure } from '@/formats/read-figure'
import { makeRecord } from '@/formats/record-document'
import { ask, RefusedError } from '@/ui/api/ask'
import { Field } from '@/ui/forms/Field'
import { Pick } from '@/ui/forms/Pick'
import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'
import { sayError } from '@/words/errors'
import { type BodyUnits, parseHeight, parseMass } from './body-units'

type NewPersonSheetProps = {
  open: boolean
  onClose: () => void
  onAdded: (id: string) => void
  units?: BodyUnits
  /** The groups that somebody new may be put into. */
  groups?: readonly { id: string; name: string }[]
  /** The day from which age and mass are dated, YYYY-MM-DD. */
  day?: string
  action?: string
}

/** Somebody new: five fields, by keyboard alone; everything else can come later. */
export function NewPersonSheet({
  open,
  onClose,
  onAdded,
  units = 'metric',
  groups = [],
  day,
  action,
}: NewPersonSheetProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    try {
      const record = readForm(new FormData(event.currentTarget), units, day)
      const [added] = await ask<{ id: string }[]>('/api/people', 'POST', { records: [record] })
      setProblem(null)
      if (added) onAdded(added.id)
    } catch (error) {
      setProblem(sayProblem(error, units))
    }
  }
  return (
    <Sheet title="Somebody new" open={open} onClose={onClose}>
      <form className={styles.form} onSubmit={submit}>
        <label>
          Name
          <Field name="name" required maxLength={120} autoComplete="off" autoFocus />
        </label>
        <label>
          {units === 'metric' ? 'Height, cm' : 'Height, feet and inches'}
          <Field name="height" required autoComplete="off" inputMode={units === 'metric' ? 'decimal' : 'text'} />
        </label>
        <label>
          {units === 'metric' ? 'Mass, kg' : 'Mass, pounds'}
          <Field name="mass" required autoComplete="off" inputMode="decimal" />
        </label>
        <label>
          Age (optional)
          <Field name="age" autoComplete="off" inputMode="decimal" />
        </label>
        <label>
          Sex (optional)
          <Pick name="sex" defaultValue="unspecified">
            <option value="unspecified">not given</option>
            <option value="female">female</option>
            <option value="male">male</option>
          </Pick>
        </label>
        {groups.length > 0 && (
          <label>
            Group (optional)
            <Pick name="group" defaultValue="">
              <option value="">none yet</option>
              {groups.map(({ id, name }) => (
                <option key={id}>{name}</option>
              ))}
            </Pick>
          </label>
        )}
        <label>
          What to know (optional)
          <Field name="story" maxLength={500} autoComplete="off" />
        </label>
        {problem && <p role="alert">{problem}</p>}
        <div className={styles.actions}>
          <Button type="submit" variant="contained">
            {action ?? 'Put on the list'}
          </Button>
        </div>
      </form>
    </Sheet>
  )
}

/** What was typed as a record; a word where a number belongs is left for the check to refuse. */
function readForm(form: FormData, units: BodyUnits, day: string | undefined) {
  const read = (name: string) => String(form.get(name) ?? '').trim()
  const age = read('age')
  const body = parse(personDocument, {
    statureM: parseHeight(read('height'), units),
    massKg: parseMass(read('mass'), units),
    sex: read('sex'),
    ...(age !== '' && { ageYears: readFigure(age) }),
  })
  const group = read('group')
  return makeRecord(read('name'), body, {
    story: read('story'),
    groups: group ? [group] : [],
    measured: day ? { statureM: { on: day }, massKg: { on: day }, ...(age !== '' && { ageYears: { on: day } }) } : {},
  })
}

const FIELDS: Record<string, Record<BodyUnits, string>> = {
  statureM: {
    metric: 'Height: accepted is a number from 100 to 230 cm.',
    imperial: 'Height: accepted is 3 ft 4 in to 7 ft 6 in.',
  },
  massKg: {
    metric: 'Mass: accepted is a number from 25 to 250 kg.',
    imperial: 'Mass: accepted is a number from 55 to 551 pounds.',
  },
  ageYears: {
    metric: 'Age: accepted is a number from 5 to 115.',
    imperial: 'Age: accepted is a number from 5 to 115.',
  },
}

function sayProblem(error: unknown, units: BodyUnits): string {
  if (error instanceof InputError) return FIELDS[error.field]?.[units] ?? sayError(error)
  return error instanceof RefusedError ? error.message : 'It could not be saved; nothing was lost, try again.'
}
