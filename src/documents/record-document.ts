import { z } from 'zod'
import { LOWERED_KEYS } from '@/core'
import { accepted, documentOf, filledText, flag, formatOf, keysOf, list, number, oneOf, point2, text } from './fields'
import { LIMIT_FIELDS, LIMIT_WHATS, optionalLimits } from './limit-fields'
import { PAIN_PLACES } from './pain-places'
import { personDocument } from './person-document'

export const RECORD_FORMAT = 'nivrel.person/1'

const DAY = accepted('day')
export const day = z
  .string({ error: DAY })
  .regex(/^\d{4}-\d{2}-\d{2}$/, DAY)
  .refine((value) => isDay(value), { error: DAY })

const isDay = (value: string) => {
  const date = new Date(`${value}T00:00:00Z`)
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(value)
}

/** Where a limit comes from. A clinician's order outranks the rest. */
export const SOURCES = ['estimate', 'instructor', 'self-reported', 'clinician'] as const

const source = z.looseObject({ kind: oneOf(SOURCES), name: text(120).optional() }, keysOf('kind, name'))

const sideWord = oneOf(['left', 'right'])

export const limitEntry = z
  .looseObject(
    {
      what: oneOf(LIMIT_WHATS),
      side: sideWord.optional(),
      value: z.union([z.number(), z.string(), z.boolean()]),
      /** The order's own word for a share of weight. */
      grade: oneOf(['none', 'touch', 'partial', 'as-tolerated', 'full']).optional(),
      source,
      on: day,
      reviewOn: day.optional(),
      note: text(500).optional(),
      /** The caution that it was confirmed from, as condition/caution. */
      cause: text(120).optional(),
    },
    keysOf('what, value, source, on'),
  )
  .superRefine((entry, context) => {
    const checked = LIMIT_FIELDS[entry.what]?.safeParse(entry.value)
    if (checked && !checked.success) {
      const message = checked.error.issues[0]?.message ?? accepted('other')
      context.addIssue({ code: 'custom', path: ['value'], message })
    }
  })

export const TEST_IDS = [
  'stands-unaided',
  'side-by-side',
  'semi-tandem',
  'tandem',
  'one-leg-left',
  'one-leg-right',
  'functional-reach',
  'lean-range',
  'chair-stand',
  'up-and-go',
] as const
export type TestId = (typeof TEST_IDS)[number]

export const testEntry = z.looseObject(
  {
    test: oneOf(TEST_IDS),
    on: day,
    /** Seconds, centimetres or counts, as the test has them. */
    trials: list(number(0, 600), 'trials')
      .min(1, accepted('atLeast', { least: 1 }))
      .max(10),
    /** Height of the chair of a chair stand. */
    seatM: number(0.2, 0.7, 'm').optional(),
    by: text(120).optional(),
    note: text(500).optional(),
  },
  keysOf('test, on, trials'),
)

export const MEASURED_WHATS = ['split', 'centre', 'tilt', 'sway'] as const
/** What a level is held against. */
export const TILTED = ['trunk', 'pelvis', 'forearm', 'floor'] as const

const mm = (most: number) => number(0, most)

/** What was measured with a device: of what, when, by whom, in which stance; figures with their standard deviations. */
export const measuredEntry = z.looseObject(
  {
    what: oneOf(MEASURED_WHATS),
    on: day,
    by: text(120).optional(),
    /** The posture that was stood, and whether the eyes were closed. */
    posture: text(80).optional(),
    eyes: oneOf(['open', 'closed']).optional(),
    /** Of a stand-in, to try it out: it says nothing of the person. */
    standIn: flag.optional(),
    loadLeftPct: number(0, 100, 'pct').optional(),
    sdPct: number(0, 100, 'pct').optional(),
    centreM: point2.optional(),
    centreSdM: point2.optional(),
    of: oneOf(TILTED).optional(),
    pitchDeg: number(-180, 180, 'deg').optional(),
    rollDeg: number(-180, 180, 'deg').optional(),
    spreadDeg: number(0, 180, 'deg').optional(),
    areaMm2: mm(1e6).optional(),
    rmsAcrossMm: mm(500).optional(),
    rmsAlongMm: mm(500).optional(),
    meanSpeedMmS: mm(2000).optional(),
    seconds: number(0, 3600, 's').optional(),
  },
  keysOf('what, on'),
)

/** What was told of the year before. */
export const fallsEntry = z.looseObject(
  { on: day, times: number(0, 99), injured: flag.optional(), doing: text(200).optional() },
  keysOf('on, times'),
)

const todayEntry = z.looseObject(
  {
    on: day,
    reason: filledText(200),
    /** Where somebody who is sore is so. */
    at: oneOf(PAIN_PLACES).optional(),
    ...optionalLimits(LOWERED_KEYS),
  },
  keysOf('on, reason'),
)

/** `nivrel.person/1`: the whole record of one person. Unknown keys are kept. */
export const recordDocument = z.looseObject(
  {
    format: formatOf(RECORD_FORMAT),
    name: filledText(120),
    story: text(500).default(''),
    notes: text(5000).default(''),
    /** The notes came in with a list, and nobody said yet that they were taken care of. */
    noteOpen: z.boolean().optional(),
    groups: list(filledText(80), 'groups').default([]),
    archived: flag.optional(),
    /** As measured: what is missing is estimated from stature. Limits and house rules have their own places. */
    body: personDocument,
    /** When each measure of `body` was taken, by its key (`footLengthM`, `lengths.shankM`), and by whom. */
    measured: z
      .record(z.string(), z.looseObject({ on: day, by: text(120).optional() }), {
        error: accepted('object', { of: 'dates' }),
      })
      .default({}),
    legDifference: z
      .looseObject(
        { shorter: sideWord, byM: number(0, 0.08, 'm'), how: oneOf(['lying', 'standing']), on: day },
        keysOf('shorter, byM, how, on'),
      )
      .optional(),
    usualSupport: text(80).optional(),
    limits: list(limitEntry, 'limits').default([]),
    conditions: list(
      z.looseObject({ condition: text(60), side: sideWord.optional(), on: day, note: text(500).optional() }),
      'conditions',
    ).default([]),
    /** What was answered to the usual cautions of a condition. */
    answers: list(
      z.looseObject({
        caution: text(120),
        answer: oneOf(['confirmed', 'changed', 'declined']),
        reason: text(500).optional(),
        on: day,
      }),
      'answers',
    ).default([]),
    tests: list(testEntry, 'tests').default([]),
    measures: list(measuredEntry, 'measures').default([]),
    today: list(todayEntry, 'days').default([]),
    /** Days on which they were not here. */
    away: list(day, 'days').default([]),
    watch: list(z.looseObject({ sign: text(120), on: day, gone: day.optional() }), 'signs').default([]),
    /** What was answered when falls in the year before were asked for; the last answer counts. */
    falls: list(fallsEntry, 'falls').default([]),
    complaints: list(
      z.looseObject({ complaint: text(60), when: text(200).optional(), on: day, gone: day.optional() }),
      'complaints',
    ).default([]),
  },
  documentOf(RECORD_FORMAT),
)

export type RecordDocument = z.infer<typeof recordDocument>
export type LimitEntry = z.infer<typeof limitEntry>
export type LimitSource = z.infer<typeof source>
export type TestEntry = z.infer<typeof testEntry>
export type MeasuredEntry = z.infer<typeof measuredEntry>
export type TodayEntry = z.infer<typeof todayEntry>

/** A record with nothing in it but who it is about. */
export const makeRecord = (
  name: string,
  body: RecordDocument['body'],
  more: Partial<RecordDocument> = {},
): RecordDocument => ({
  format: RECORD_FORMAT,
  name,
  story: '',
  notes: '',
  groups: [],
  body,
  measured: {},
  limits: [],
  conditions: [],
  answers: [],
  tests: [],
  measures: [],
  today: [],
  away: [],
  watch: [],
  falls: [],
  complaints: [],
  ...more,
})
