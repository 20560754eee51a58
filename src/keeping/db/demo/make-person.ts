import { dayOf } from '@/documents/day'
import { addDays } from '@/documents/days'
import { type LimitEntry, makeRecord, type RecordDocument, type TestEntry } from '@/documents/record-document'

/** Somebody of the demo world; dates are counted back from the day on which it is put in. */
export type DemoPerson = { id: string; make: (now: Date) => RecordDocument }

type Days = (daysAgo: number) => string
type Body = RecordDocument['body']
type Words = Partial<Omit<RecordDocument, 'format' | 'name' | 'body'>>

const daysFrom = (now: Date): Days => {
  const today = dayOf(now)
  return (daysAgo) => addDays(today, -daysAgo)
}

export const person = (id: string, name: string, body: Body, words: (day: Days) => Words): DemoPerson => ({
  id,
  make: (now) => {
    const day = daysFrom(now)
    const measured = { massKg: { on: day(60) }, ageYears: { on: day(60) } }
    return makeRecord(name, body, { measured, falls: [{ on: day(41), times: 0 }], ...words(day) })
  },
})

export const DEMO_GROUPS = [
  { id: 'slack-tide', name: 'Slack Tide' },
  { id: 'second-launch', name: 'Second Launch' },
]
export const SLACK = ['slack-tide']
export const LAUNCH = ['second-launch']

type Limit = Pick<LimitEntry, 'what' | 'side' | 'value' | 'grade' | 'on' | 'reviewOn' | 'cause'>

const by =
  (source: LimitEntry['source']) =>
  (limit: Limit): LimitEntry => ({ ...limit, source })
export const own = by({ kind: 'self-reported' })
export const seen = by({ kind: 'instructor', name: 'Ines Calloway' })
export const surgeon = by({ kind: 'clinician', name: 'Dr. A. Venn' })
export const physio = by({ kind: 'clinician', name: 'R. Osei, physiotherapist' })

export const test = (id: TestEntry['test'], on: string, ...trials: number[]): TestEntry => ({ test: id, on, trials })

export const female = (statureM: number, massKg: number, ageYears: number, more: Partial<Body> = {}): Body => ({
  statureM,
  massKg,
  sex: 'female',
  ageYears,
  ...more,
})
export const male = (statureM: number, massKg: number, ageYears: number, more: Partial<Body> = {}): Body => ({
  ...female(statureM, massKg, ageYears, more),
  sex: 'male',
})
