import { z } from 'zod'
import { SCHOOL_IDS } from '@/core'
import { oneOf, text } from './fields'
import { houseSettings } from './house-settings'
import { planDocument } from './plan-document'
import { postureDocument } from './posture-document'
import { recordDocument } from './record-document'
import { stanceBody } from './stance-document'

export const WHOLE_FORMAT = 'nivrel.house/1'

const list = <S extends z.ZodType>(item: S, name: string) => z.array(item, { error: `a list of ${name}` }).default([])

const onBench = { posture: text(80), school: oneOf(SCHOOL_IDS), stance: stanceBody }

/** Somebody with everything that was kept for them. Ids hold what belongs together; they say nothing. */
export const wholePerson = z.looseObject(
  {
    id: text(80).min(1, 'an id'),
    createdAt: text(40),
    record: recordDocument,
    kept: list(
      z.looseObject({ id: text(80), ...onBench, name: text(80), note: text(500), createdAt: text(40) }),
      'kept stances',
    ),
    draft: z
      .looseObject({ ...onBench, updatedAt: text(40) })
      .nullable()
      .default(null),
  },
  { error: '{ id, record, kept, draft }' },
)

/** What a house has besides its people. */
export const wholeRest = z.looseObject({
  postures: list(z.looseObject({ id: text(80), document: postureDocument }), 'postures'),
  plans: list(z.looseObject({ group: text(80), posture: text(80), document: planDocument }), 'plans'),
  house: houseSettings.nullable().default(null),
  /** What could not be read when this was taken out: carried along as it was, for whoever can. */
  setAside: z.array(z.unknown()).default([]),
})

/** `nivrel.house/1`: everything that one Nivrel holds, so that it comes back without loss. */
export const wholeDocument = z.looseObject(
  {
    format: z.literal(WHOLE_FORMAT, { error: `"${WHOLE_FORMAT}"` }),
    takenOutAt: text(40),
    people: list(wholePerson, 'people'),
    ...wholeRest.shape,
  },
  { error: `a ${WHOLE_FORMAT} document` },
)

export type WholePerson = z.infer<typeof wholePerson>
export type WholeRest = z.infer<typeof wholeRest>
export type WholeDocument = z.infer<typeof wholeDocument>
