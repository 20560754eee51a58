'use client'

import { InputError } from '@/core'
import { parse } from '@/documents/parse'
import { personDocument } from '@/documents/person-document'
import { readFigure } from '@/documents/read-figure'
import { makeRecord } from '@/documents/record-document'
import { type BodyUnits, readBody } from '@/records/body-units'
import { ask, sayUnsaved } from '@/ui/api/ask'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Pick } from '@/ui/forms/Pick'
import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayRow } from '@/words/records'

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
  const t = useSay('screens.ui')
  const words = useWords()

  const enter = async (read: Read) => {
    const record = readForm(read, units, day)
    const [added] = await ask<{ id: string }[]>('/api/people', 'POST', { records: [record] })
    if (added) onAdded(added.id)
  }
  return (
    <Sheet title={t('somebodyNew')} open={open} onClose={onClose}>
      <Form
        verb={action ?? t('putOnList')}
        onEnter={enter}
        names={BODY}
        say={(error) => sayProblem(error, units, words)}
      >
        <label>
          {t('name')}
          <Field name="name" required maxLength={120} autoComplete="off" autoFocus />
        </label>
        <label>
          {units === 'metric' ? 'Height (168, or 5 ft 6)' : 'Height (5 ft 6, or 168 cm)'}
          <Field name="height" required autoComplete="off" />
        </label>
        <label>
          {units === 'metric' ? 'Mass, kg (or 148 lb)' : 'Mass, pounds (or 67 kg)'}
          <Field name="mass" required autoComplete="off" />
        </label>
        <label>
          {t('ageOptional')}
          <Field name="age" autoComplete="off" inputMode="decimal" />
        </label>
        <label>
          {t('sexOptional')}
          <Pick name="sex" defaultValue="unspecified">
            <option value="unspecified">{t('notGiven')}</option>
            <option value="female">{t('female')}</option>
            <option value="male">{t('male')}</option>
          </Pick>
        </label>
        <p className={styles.hint}>{t('withoutSexMassesBodys')}</p>
        {groups.length > 0 && (
          <label>
            {t('groupOptional')}
            <Pick name="group" defaultValue="">
              <option value="">{t('noneYet')}</option>
              {groups.map(({ id, name }) => (
                <option key={id}>{name}</option>
              ))}
            </Pick>
          </label>
        )}
        <label>
          {t('whatKnowOptional')}
          <Field name="story" maxLength={500} autoComplete="off" />
        </label>
      </Form>
    </Sheet>
  )
}

const BODY = { statureM: 'height', massKg: 'mass', ageYears: 'age' }

/** What was typed as a record; a word where a number belongs is left for the check to refuse. */
function readForm(read: Read, units: BodyUnits, day: string | undefined) {
  const age = read('age')
  const body = parse(personDocument, {
    // A bare mass is in the unit that its label says, whatever the height was written in.
    ...readBody({ height: read('height'), mass: read('mass') }, units, units),
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

/** Heights and masses are typed in the house's own units, and what is accepted is said in them. */
function sayProblem(error: unknown, units: BodyUnits, words: Words): string {
  return error instanceof InputError ? sayRow(error, units, words) : sayUnsaved(error, words)
}
