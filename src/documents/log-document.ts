import { z } from 'zod'
import { accepted, documentOf, filledText, flag, formatOf, keysOf, list, number, oneOf, text } from './fields'
import { PAIN_PLACES } from './pain-places'
import { day } from './record-document'

export const LOG_FORMAT = 'nivrel.log/1'

/** What a touch on a name says happened; kept with when, so that what two people saw is added up and never lost. */
export const HAPPENINGS = ['wobble', 'touch', 'stop', 'pain', 'near-fall'] as const
export type Happening = (typeof HAPPENINGS)[number]

/** How somebody did a piece: as taught, a level of the class's plan, a form of their own, or with what a path asked of them. */
export const DONE_AS = ['taught', 'level', 'own', 'steps', 'chair', 'in-place', 'seated', 'none'] as const
export type DoneAs = (typeof DONE_AS)[number]

const share = number(0, 600, 's').nullable().optional()
const bothSides = z.looseObject({ left: number(0, 1e6), right: number(0, 1e6) }, keysOf('left, right'))
const ofTen = number(0, 10).nullable().optional()
const count = number(0, 999).nullable().optional()

/** What can be said of a row; what nobody said is absent, or null where it was taken back. */
export const saidFields = {
  came: flag.nullable().optional(),
  late: flag.nullable().optional(),
  as: oneOf(DONE_AS).nullable().optional(),
  /** Counted from 0, of the class's plan. */
  level: number(0, 2).nullable().optional(),
  /** Whether that was done whole. */
  whole: flag.nullable().optional(),
  stepPct: number(0, 200, 'pct').nullable().optional(),
  kneeFlexionDeg: number(0, 140, 'deg').nullable().optional(),
  rounds: count,
  holdS: z.looseObject({ left: share, right: share }, keysOf('left, right')).nullable().optional(),
  wobbles: count,
  touches: count,
  effort: ofTen,
  pain: ofTen,
  painAt: oneOf(PAIN_PLACES).nullable().optional(),
  painSide: oneOf(['left', 'right']).nullable().optional(),
  nearFall: flag.nullable().optional(),
  stopped: flag.nullable().optional(),
  dizzy: flag.nullable().optional(),
  /** The day was lowered: tired, sore, a bad night. */
  bad: flag.nullable().optional(),
  word: text(500).nullable().optional(),
  /** What was asked of each leg: worked out, not said. */
  kneeNms: bothSides.nullable().optional(),
  stretchNms: bothSides.nullable().optional(),
  loadedS: bothSides.nullable().optional(),
  minutes: number(0, 600).nullable().optional(),
  /** The least that was sure of a margin in it, less its reserve. */
  spareM: number(-1, 1, 'm').nullable().optional(),
} as const

export const SAID_KEYS = Object.keys(saidFields) as (keyof typeof saidFields)[]

const happened = z.looseObject(
  { id: filledText(80), at: filledText(40), what: oneOf(HAPPENINGS) },
  keysOf('id, at, what'),
)

/** What a row said before it was corrected, on a later day. */
const corrected = z.looseObject({ at: filledText(40), was: z.record(z.string(), z.unknown()) }, keysOf('at, was'))

export const logBody = z.looseObject(saidFields).extend({
  happened: list(happened, 'happenings').optional(),
  /** Ids of touches that were mistaken: one that comes late, or again, stays taken back. */
  takenBack: list(text(80), 'happenings').optional(),
  corrected: list(corrected, 'corrections').optional(),
})

/** One row a person, piece and day; without a piece it is about the whole lesson. */
export const logRow = logBody.extend({
  person: filledText(120),
  /** Which of two people of one name. */
  personId: text(80).optional(),
  day,
  group: text(80).optional(),
  piece: text(80).optional(),
  /** What the piece was, as it was called then. */
  title: text(200).optional(),
})

/** `nivrel.log/1`: what happened in classes. */
export const logDocument = z.looseObject(
  { format: formatOf(LOG_FORMAT), rows: list(logRow, 'rows').max(200_000, accepted('atMost', { most: 200_000 })) },
  documentOf(LOG_FORMAT),
)

export type LogBody = z.infer<typeof logBody>
export type LogRow = z.infer<typeof logRow>
export type LogDocument = z.infer<typeof logDocument>
