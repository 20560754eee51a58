import { z } from 'zod'
import { PRESSED_KINDS, PUSHING_KINDS } from '@/core'
import { flag, number, oneOf, text } from './fields'
import { personDocument } from './person-document'

export const RECORD_FORMAT = 'nivrel.person/1'

const DAY = 'a date as YYYY-MM-DD'
export const day = z
  .string({ error: DAY })
  .regex(/^\d{4}-\d{2}-\d{2}$/, DAY)
  .refine((value) => isDay(value), { error: DAY })

const isDay = (value: string) => {
  const date = new Date(`${value}T00:00:00Z`)
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(value)
}

const list = <S extends z.ZodType>(item: S, name: string) => z.array(item, { error: `a list of ${name}` }).default([])

/** Where a limit comes from. A clinician's order outranks the rest. */
export const SOURCES = ['estimate', 'instructor', 'self-reported', 'clinician'] as const

const source = z.looseObject(
  { kind: oneOf(SOURCES), name: text(120).optional() },
  { error: '{ kind, name }: who said it' },
)

const sideWord = oneOf(['left', 'right'])
const supportWord = oneOf([...PRESSED_KINDS, ...PUSHING_KINDS])

/** Every limit that a record can hold, with the figures that it accepts. */
const LIMIT_VALUES = {
  kneeFlexionMaxDeg: number(0, 140, 'degrees'),
  kneeFlexionMinDeg: number(0, 60, 'degrees'),
  kneeRangeMaxDeg: number(0, 160, 'degrees'),
  hipFlexionMaxDeg: number(0, 150, 'degrees'),
  hipInwardMaxDeg: number(0, 90, 'degrees'),
  hipOutwardMaxDeg: number(0, 90, 'degrees'),
  hipAdductionMaxDeg: number(0, 60, 'degrees'),
  hipAbductionMaxDeg: number(0, 90, 'degrees'),
  hipExtensionOutwardMaxDeg: number(0, 60, 'degrees'),
  dorsiflexionMaxDeg: number(0, 60, 'degrees'),
  armElevationMaxDeg: number(0, 180, 'degrees'),
  armBackMaxDeg: number(0, 90, 'degrees'),
  trunkTwistMaxDeg: number(0, 90, 'degrees'),
  trunkForwardMaxDeg: number(0, 90, 'degrees'),
  trunkBackMaxDeg: number(0, 30, 'degrees'),
  loadMaxPct: number(0, 100, '%'),
  holdMaxS: number(1, 600, 's'),
  riseFromM: number(0.2, 0.7, 'm'),
  support: supportWord,
  seatedOnly: flag,
  eyesOpen: flag,
  helperBeside: flag,
} as const

export type LimitWhat = keyof typeof LIMIT_VALUES
const LIMIT_WHATS = Object.keys(LIMIT_VALUES) as [LimitWhat, ...LimitWhat[]]

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
    { error: 'a limit: what, value, source, on' },
  )
  .superRefine((entry, context) => {
    const checked = LIMIT_VALUES[entry.what]?.safeParse(entry.value)
    if (checked && !checked.success) {
      const message = checked.error.issues[0]?.message ?? 'another value'
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
    trials: z
      .array(number(0, 600, ''), { error: 'a list of trial values' })
      .min(1, 'at least one trial')
      .max(10),
    /** Height of the chair of a chair stand. */
    seatM: number(0.2, 0.7, 'm').optional(),
    by: text(120).optional(),
    note: text(500).optional(),
  },
  { error: 'a test: test, on, trials' },
)

const todayEntry = z.looseObject(
  {
    on: day,
    reason: text(200).trim().min(1, 'a reason of 1 to 200 characters'),
    kneeFlexionMaxDeg: LIMIT_VALUES.kneeFlexionMaxDeg.optional(),
    armElevationMaxDeg: LIMIT_VALUES.armElevationMaxDeg.optional(),
    holdMaxS: LIMIT_VALUES.holdMaxS.optional(),
    support: supportWord.optional(),
    seatedOnly: flag.optional(),
  },
  { error: 'what is lowered today: on, reason' },
)

/** `nivrel.person/1`: the whole record of one person. Unknown keys are kept. */
export const recordDocument = z.looseObject(
  {
    format: z.literal(RECORD_FORMAT, { error: `"${RECORD_FORMAT}"` }),
    name: text(120).trim().min(1, 'a name of 1 to 120 characters'),
    story: text(500).default(''),
    notes: text(5000).default(''),
    groups: list(text(80).trim().min(1, 'a group name of 1 to 80 characters'), 'group names'),
    archived: flag.optional(),
    /** As measured: what is missing is estimated from stature. Limits and house rules have their own places. */
    body: personDocument,
    /** When each measure of `body` was taken, by its key (`footLengthM`, `lengths.shankM`), and by whom. */
    measured: z
      .record(z.string(), z.looseObject({ on: day, by: text(120).optional() }), { error: 'dates of measures' })
      .default({}),
    legDifference: z
      .looseObject(
        { shorter: sideWord, byM: number(0, 0.08, 'm'), how: oneOf(['lying', 'standing']), on: day },
        { error: '{ shorter, byM, how, on }' },
      )
      .optional(),
    usualSupport: text(80).optional(),
    limits: list(limitEntry, 'limits'),
    conditions: list(
      z.looseObject({ condition: text(60), side: sideWord.optional(), on: day, note: text(500).optional() }),
      'conditions',
    ),
    /** What was answered to the usual cautions of a condition. */
    answers: list(
      z.looseObject({
        caution: text(120),
        answer: oneOf(['confirmed', 'changed', 'declined']),
        reason: text(500).optional(),
        on: day,
      }),
      'answers',
    ),
    tests: list(testEntry, 'tests'),
    today: list(todayEntry, 'lowered days'),
    watch: list(z.looseObject({ sign: text(120), on: day, gone: day.optional() }), 'signs to watch'),
    complaints: list(
      z.looseObject({ complaint: text(60), when: text(200).optional(), on: day, gone: day.optional() }),
      'complaints',
    ),
  },
  { error: `a ${RECORD_FORMAT} document` },
)

export type RecordDocument = z.infer<typeof recordDocument>
export type LimitEntry = z.infer<typeof limitEntry>
export type LimitSource = z.infer<typeof source>
export type TestEntry = z.infer<typeof testEntry>
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
  today: [],
  watch: [],
  complaints: [],
  ...more,
})
