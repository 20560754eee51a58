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
import { sayCentimetres } from '@/words/figures'
import { ENGLISH } from '@/words/language'
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
const sided = (key: LengthKey, side: Side, name: string, fraction: number): Measure => ({
  key: `lengths.${key}.${side}`,
  name: `${name}, ${side}`,
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

const MEASURES: readonly Measure[] = [
  plain('footLengthM', 'Foot length', PROPORTIONS.footLength),
  plain('footBreadthM', 'Foot breadth', PROPORTIONS.footBreadth),
  plain('shoulderWidthM', 'Shoulder width', PROPORTIONS.shoulderWidth),
  plain('trunkShiftM', 'Trunk’s centre forward', 0),
  sided('thighM', 'left', 'Thigh', PROPORTIONS.thigh),
  sided('thighM', 'right', 'Thigh', PROPORTIONS.thigh),
  sided('shankM', 'left', 'Shin', PROPORTIONS.shank),
  sided('shankM', 'right', 'Shin', PROPORTIONS.shank),
  sided('upperArmM', 'left', 'Upper arm', PROPORTIONS.upperArm),
  sided('upperArmM', 'right', 'Upper arm', PROPORTIONS.upperArm),
]

/** What was measured replaces an estimate one by one, each with its date. */
export function BodyMeasures({ record, change, day, units }: PartProps & { units: BodyUnits }) {
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
    setProblem(
      read(measure, text).isBody ? null : `${measure.name}: ${text} is not a length of a body, and is not saved.`,
    )
  return (
    <section className={styles.part} aria-label="Body">
      <h2>Body</h2>
      <div className={styles.measures}>
        {MEASURES.map((measure) => {
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
                placeholder={`${figure(measure.estimate(record.body.statureM))} by estimate`}
                onTyped={(text) => set(measure, text)}
                onLeft={(text) => check(measure, text)}
              />
              <small>
                {measured === undefined ? '' : on ? `measured ${ENGLISH.day(on, day.slice(0, 4))}` : 'measured'}
              </small>
            </label>
          )
        })}
      </div>
      {problem && <p role="alert">{problem}</p>}
      <LegDifference record={record} change={change} day={day} />
      <label className={styles.wide}>
        Usual support
        <TypedField
          value={record.usualSupport ?? ''}
          maxLength={80}
          placeholder="a stick outdoors, a walker, none"
          onTyped={(usualSupport) => change((r) => ({ ...r, usualSupport }), 'usualSupport')}
        />
      </label>
    </section>
  )
}

/** A shorter leg: measured lying it is one; only seen standing it may be a tilted pelvis. */
function LegDifference({ record, change, day }: PartProps) {
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
      <Form className={styles.form} label="Leg lengths" verb="Set it" onEnter={enter} onLeave={() => setOpen(false)}>
        <label>
          Shorter leg
          <Pick name="shorter">
            <option>left</option>
            <option>right</option>
          </Pick>
        </label>
        <label>
          By, cm (0.1 to 8)
          <Field name="by" required inputMode="decimal" autoComplete="off" />
        </label>
        <label>
          How
          <Pick name="how">
            <option value="lying">measured lying</option>
            <option value="standing">only seen standing</option>
          </Pick>
        </label>
      </Form>
    )
  }
  return (
    <p className={styles.actions}>
      {legDifference && legDifference.byM > 0
        ? `The ${legDifference.shorter} leg is ${sayCentimetres(legDifference.byM)} shorter, ${
            legDifference.how === 'lying'
              ? `measured lying (${ENGLISH.day(legDifference.on, day.slice(0, 4))}).`
              : `only seen standing (${ENGLISH.day(legDifference.on, day.slice(0, 4))}): it may be a tilted pelvis, so nothing is computed from it until it is measured lying.`
          }`
        : 'Legs taken as equal.'}
      <Button onClick={() => setOpen(true)}>{legDifference ? 'measure again' : 'one is shorter'}</Button>
      {legDifference && (
        <Button onClick={() => change(({ legDifference: _, ...r }) => r as RecordDocument)}>remove</Button>
      )}
    </p>
  )
}
