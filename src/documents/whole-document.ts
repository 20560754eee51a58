import { z } from 'zod'
import { SCHOOL_IDS } from '@/core'
import { decisionDocument } from './decision-document'
import { documentOf, filledText, formatOf, keysOf, list, oneOf, text } from './fields'
import { houseSettings } from './house-settings'
import { lessonDocument } from './lesson-document'
import { logRow } from './log-document'
import { planDocument } from './plan-document'
import { postureDocument } from './posture-document'
import { day, recordDocument } from './record-document'
import { houseRoutine } from './routine-document'
import { stanceBody } from './stance-document'

export const WHOLE_FORMAT = 'nivrel.house/1'

const onBench = { posture: text(80), school: oneOf(SCHOOL_IDS), stance: stanceBody }

/** Somebody with everything that was kept for them. Ids hold what belongs together; they say nothing. */
export const wholePerson = z.looseObject(
  {
    id: filledText(80),
    createdAt: text(40),
    record: recordDocument,
    kept: list(
      z.looseObject({ id: text(80), ...onBench, name: text(80), note: text(500), createdAt: text(40) }),
      'keptStances',
    ).default([]),
    draft: z
      .looseObject({ ...onBench, updatedAt: text(40) })
      .nullable()
      .default(null),
    /** What was written down of them in classes, `person` being their id here; and what was decided. */
    log: list(logRow, 'rows').default([]),
    decisions: list(z.looseObject({ day, document: decisionDocument }), 'decisions').default([]),
  },
  keysOf('id, record, kept, draft'),
)

/** What a house has besides its people. */
export const wholeRest = z.looseObject({
  postures: list(z.looseObject({ id: text(80), document: postureDocument }), 'postures').default([]),
  plans: list(z.looseObject({ group: text(80), posture: text(80), document: planDocument }), 'plans').default([]),
  routines: list(z.looseObject({ id: text(80), document: houseRoutine }), 'routines').default([]),
  lessons: list(z.looseObject({ group: text(80), day, document: lessonDocument }), 'lessons').default([]),
  house: houseSettings.nullable().default(null),
  /** What could not be read when this was taken out: carried along as it was, for whoever can. */
  setAside: z.array(z.unknown()).default([]),
})

/** `nivrel.house/1`: everything that one Nivrel holds, so that it comes back without loss. */
export const wholeDocument = z.looseObject(
  {
    format: formatOf(WHOLE_FORMAT),
    takenOutAt: text(40),
    people: list(wholePerson, 'people').default([]),
    ...wholeRest.shape,
  },
  documentOf(WHOLE_FORMAT),
)

export type WholePerson = z.infer<typeof wholePerson>
export type WholeRest = z.infer<typeof wholeRest>
export type WholeDocument = z.infer<typeof wholeDocument>
