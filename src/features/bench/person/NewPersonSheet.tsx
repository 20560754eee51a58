'use client'

import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { InputError } from '@/core'
import { parse } from '@/formats/parse'
import { type PersonDocument, personDocument } from '@/formats/person-document'
import type { BenchPerson } from '@/server/bench'
import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'
import { addPerson, RefusedError } from '../state/api'

type NewPersonSheetProps = { open: boolean; onClose: () => void; onAdded: (person: BenchPerson) => void }

/** Somebody new: name, height, mass and age; the rest can wait. */
export function NewPersonSheet({ open, onClose, onAdded }: NewPersonSheetProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    try {
      const { name, story, document } = readForm(new FormData(event.currentTarget))
      onAdded(await addPerson({ name, story, document: parse(personDocument, document, 'person') }))
      setProblem(null)
    } catch (error) {
      if (error instanceof InputError)
        setProblem(`${FIELD_NAMES[error.field] ?? error.field}: ${IN_CENTIMETRES[error.field] ?? error.accepts}`)
      else
        setProblem(
          error instanceof RefusedError ? error.message : 'It could not be saved; nothing was lost, try again.',
        )
    }
  }
  return (
    <Sheet title="Somebody new" open={open} onClose={onClose}>
      <form className={styles.form} onSubmit={submit}>
        <label>
          Name
          {/* biome-ignore lint/a11y/noAutofocus: the form was just asked for */}
          <input name="name" required maxLength={120} autoFocus autoComplete="off" />
        </label>
        <NumberField name="height" label="Height, cm" required />
        <NumberField name="mass" label="Mass, kg" required />
        <NumberField name="age" label="Age, years" required />
        <label>
          Sex (optional)
          <select name="sex" defaultValue="unspecified">
            <option value="unspecified">not given</option>
            <option value="female">female</option>
            <option value="male">male</option>
          </select>
        </label>
        <NumberField name="foot" label="Foot length, cm (optional)" />
        <NumberField name="knee" label="Knee bend at most, degrees (optional)" />
        <NumberField name="loadLeft" label="Weight on the left leg at most, % (optional)" />
        <NumberField name="loadRight" label="Weight on the right leg at most, % (optional)" />
        <label>
          What to know (optional)
          <input name="story" maxLength={500} autoComplete="off" />
        </label>
        {problem && <p role="alert">{problem}</p>}
        <div className={styles.actions}>
          <Button type="submit" variant="contained">
            Put on the bench
          </Button>
        </div>
      </form>
    </Sheet>
  )
}

function NumberField({ name, label, required }: { name: string; label: string; required?: boolean }) {
  return (
    <label>
      {label}
      <input name={name} inputMode="decimal" required={required} autoComplete="off" />
    </label>
  )
}

const FIELD_NAMES: Record<string, string> = {
  statureM: 'Height',
  massKg: 'Mass',
  ageYears: 'Age',
  footLengthM: 'Foot length',
  'limits.kneeFlexionMaxDeg': 'Knee bend',
  'limits.loadMaxPct.left': 'Weight on the left leg',
  'limits.loadMaxPct.right': 'Weight on the right leg',
}

/** The form asks for centimetres where the document holds metres. */
const IN_CENTIMETRES: Record<string, string> = {
  statureM: 'a number from 100 to 230 cm',
  footLengthM: 'a number from 12 to 40 cm',
}

/** What was typed, in the document's units; an empty field is not given, a word is left for the check to refuse. */
function readForm(form: FormData): { name: string; story: string; document: PersonDocument } {
  const read = (name: string) => String(form.get(name) ?? '').trim()
  const number = (name: string, divisor = 1) => {
    const typed = read(name)
    return typed === '' ? undefined : Number(typed.replace(',', '.')) / divisor
  }
  const [left, right] = [number('loadLeft'), number('loadRight')]
  const limits = {
    kneeFlexionMaxDeg: number('knee'),
    ...((left !== undefined || right !== undefined) && { loadMaxPct: { left: left ?? 100, right: right ?? 100 } }),
  }
  const document = {
    statureM: number('height', 100),
    massKg: number('mass'),
    ageYears: number('age'),
    sex: read('sex'),
    footLengthM: number('foot', 100),
    limits,
  }
  return { name: read('name'), story: read('story'), document: document as PersonDocument }
}
