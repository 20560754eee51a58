import Button from '@mui/material/Button'
import { useState } from 'react'
import { InputError, PROPORTIONS, type Side } from '@/core'
import { personDocument } from '@/documents/person-document'
import { readFigure } from '@/documents/read-figure'
import type { RecordDocument } from '@/documents/record-document'
import { type BodyUnits, smallUnit } from '@/records/body-units'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Pick } from '@/ui/forms/Pick'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCentimetres } from '@/words/figures'
import type { Words } from '@/words/language'
import type { PartProps } from './part-props'
import styles from './person.module.css'

type Body = RecordDocument['body']

type Measure = {
  key: string
  name: string
  /** As measured, in metres; undefined while it is an estimate. */
  read: (body: Body) => number | undefined
  estimate: (statureM: number) => number
  write: (body: Body, metres: number | undefined) => Body
}

const plain = (
  key: 'footLengthM' | 'footBreadthM' | 'shoulderWidthM' | 'trunkShiftM',
  name: string,
  fraction: number,
): Measure => ({
  key,
  name,
  read: (body) => body[key],
  estimate: (statureM) => fraction * statureM,
  write: ({ [key]: _, ...body }, metres) =>
    metres === undefined ? (body as Body) : ({ ...body, [key]: metres } as Body),
})

type LengthKey = 'thighM' | 'shankM' | 'upperArmM' | 'forearmM'

/** A length of one limb; measured on one side only, it is meant for both until the other is measured. */
const sided = (key: LengthKey, side: Side, name: string, fraction: number, words: Words): Measure => ({
  key: `lengths.${key}.${side}`,
  name: words.say('screens.people.limbOfSide', { name, side }),
  read: ({ lengths }) => {
    const value = lengths?.[key]
    return typeof value === 'object' ? (value as Record<Side, number>)[side] : value
  },
  estimate: (statureM) => fraction * statureM,
  write: (body, metres) => {
    const { [key]: before, ...others } = body.lengths ?? {}
    if (metres === undefined) return { ...body, lengths: others }
    const both = typeof before === 'object' ? before : { left: before ?? metres, right: before ?? metres }
    return { ...body, lengths: { ...others, [key]: { ...both, [side]: metres } } } as Body
  },
})

const measuresIn = (words: Words): readonly Measure[] => [
  plain('footLengthM', words.say('screens.people.footLength'), PROPORTIONS.footLength),
  plain('footBreadthM', words.say('screens.people.footBreadth'), PROPORTIONS.footBreadth),
  plain('shoulderWidthM', words.say('screens.people.shoulderWidth'), PROPORTIONS.shoulderWidth),
  plain('trunkShiftM', words.say('screens.people.trunksCentreForward'), 0),
  sided('thighM', 'left', words.say('screens.people.thigh'), PROPORTIONS.thigh, words),
  sided('thighM', 'right', words.say('screens.people.thigh'), PROPORTIONS.thigh, words),
  sided('shankM', 'left', words.say('screens.people.shin'), PROPORTIONS.shank, words),
  sided('shankM', 'right', words.say('screens.people.shin'), PROPORTIONS.shank, words),
  sided('upperArmM', 'left', words.say('screens.people.upperArm'), PROPORTIONS.upperArm, words),
  sided('upperArmM', 'right', words.say('screens.people.upperArm'), PROPORTIONS.upperArm, words),
]

/** What was measured replaces an estimate one by one, each with its date. */
export function BodyMeasures({ record, change, day, units }: PartProps & { units: BodyUnits }) {
  const t = useSay('screens.people')
  const words = useWords()

  const [problem, setProblem] = useState<string | null>(null)
  const { unit, fromMetres, toMetres } = smallUnit(units)
  const figure = (metres: number) => fromMetres(metres).toFixed(1).replace(/\.0$/, '')
  const read = ({ write }: Measure, text: string) => {
    const metres = text.trim() === '' ? undefined : toMetres(readFigure(text))
    const body = write(record.body, metres)
    return { metres, isBody: personDocument.safeParse(body).success }
  }
  const set = (measure: Measure, text: string) => {
    const { metres, isBody } = read(measure, text)
    const before = measure.read(record.body)
    if (!isBody || text.trim() === (before === undefined ? '' : figure(before))) return
    const { key, write } = measure
    change((r) => {
      const { [key]: _, ...measured } = r.measured
      const dated = metres === undefined ? measured : { ...measured, [key]: { on: day } }
      return { ...r, body: write(r.body, metres), measured: dated }
    }, key)
  }
  const check = (measure: Measure, text: string) =>
    setProblem(read(measure, text).isBody ? null : t('nameTextNotLength', { name: measure.name, text }))
  return (
    <section className={styles.part} aria-label={t('body')}>
      <h2>{t('body')}</h2>
      <div className={styles.measures}>
        {measuresIn(words).map((measure) => {
          const measured = measure.read(record.body)
          const on = record.measured[measure.key]?.on
          return (
            <label key={measure.key}>
              <span>
                {measure.name}, {unit}
              </span>
              <TypedField
                inputMode="decimal"
                value={measured === undefined ? '' : figure(measured)}
                placeholder={t('figureByEstimate', { figure: figure(measure.estimate(record.body.statureM)) })}
                onTyped={(text) => set(measure, text)}
                onLeft={(text) => check(measure, text)}
              />
              <small>
                {measured === undefined ? '' : on ? `measured ${words.day(on, day.slice(0, 4))}` : 'measured'}
              </small>
            </label>
          )
        })}
      </div>
      {problem && <p role="alert">{problem}</p>}
      <LegDifference record={record} change={change} day={day} />
      <label className={styles.wide}>
        {t('usualSupport')}
        <TypedField
          value={record.usualSupport ?? ''}
          maxLength={80}
          placeholder={t('aStickOutdoorsWalker')}
          onTyped={(usualSupport) => change((r) => ({ ...r, usualSupport }), 'usualSupport')}
        />
      </label>
    </section>
  )
}

/** A shorter leg: measured lying it is one; only seen standing it may be a tilted pelvis. */
function LegDifference({ record, change, day }: PartProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const [open, setOpen] = useState(false)
  const { legDifference } = record
  const enter = (read: Read) => {
    const byM = readFigure(read('by')) / 100
    if (!(byM > 0 && byM <= 0.08)) throw new InputError('By', read('by'), { code: 'legDifference' })
    const shorter = read('shorter') as Side
    const how = read('how') as 'lying' | 'standing'
    change((r) => ({ ...r, legDifference: { shorter, byM, how, on: day } }))
    setOpen(false)
  }
  if (open) {
    return (
      <Form
        className={styles.form}
        label={t('legLengths')}
        verb={t('set')}
        onEnter={enter}
        onLeave={() => setOpen(false)}
      >
        <label>
          {t('shorterLeg')}
          <Pick name="shorter">
            <option>{t('left')}</option>
            <option>{t('right')}</option>
          </Pick>
        </label>
        <label>
          {t('byCm')}
          <Field name="by" required inputMode="decimal" autoComplete="off" />
        </label>
        <label>
          {t('how')}
          <Pick name="how">
            <option value="lying">{t('measuredLying')}</option>
            <option value="standing">{t('onlySeenStanding')}</option>
          </Pick>
        </label>
      </Form>
    )
  }
  return (
    <p className={styles.actions}>
      {legDifference && legDifference.byM > 0
        ? `The ${legDifference.shorter} leg is ${sayCentimetres(legDifference.byM, words)} shorter, ${
            legDifference.how === 'lying'
              ? t('measuredLyingDay', { day: words.day(legDifference.on, day.slice(0, 4)) })
              : t('onlySeenStandingDay', { day: words.day(legDifference.on, day.slice(0, 4)) })
          }`
        : t('legsTakenAsEqual')}
      <Button onClick={() => setOpen(true)}>{legDifference ? t('measureAgain') : t('oneShorter')}</Button>
      {legDifference && (
        <Button onClick={() => change(({ legDifference: _, ...r }) => r as RecordDocument)}>{t('remove')}</Button>
      )}
    </p>
  )
}
