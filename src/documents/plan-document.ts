import { z } from 'zod'
import { SCHOOL_IDS } from '@/core'
import { accepted, documentOf, flag, formatOf, list, oneOf, text } from './fields'
import { measuresDocument } from './posture-document'
import { stanceBody } from './stance-document'

export const PLAN_FORMAT = 'nivrel.plan/1'

/** What somebody does in a plan. */
export const planPerson = z.looseObject({
  id: text(80),
  /** Counted from 0; null for somebody with a form of their own. */
  level: z
    .number({ error: accepted('range', { min: 0, max: 2, unit: 'none' }) })
    .int()
    .min(0)
    .max(2)
    .nullable(),
  kind: oneOf(['level', 'own', 'seated', 'none']),
  pinned: flag.optional(),
  stance: stanceBody.nullable(),
})

/** `nivrel.plan/1`: what a class does with a posture. People are named by their id in this database only. */
export const planDocument = z.looseObject(
  {
    format: formatOf(PLAN_FORMAT),
    /** What the instructor calls it, and what to remember of it. */
    name: text(80).optional(),
    note: text(500).optional(),
    school: oneOf(SCHOOL_IDS),
    side: oneOf(['left', 'right']),
    /** The posture as it was taught then: what the levels are said against. Older plans are said against the library's. */
    taught: measuresDocument.optional(),
    levels: list(z.looseObject({ measures: measuresDocument }), 'levels').max(3, accepted('atMost', { most: 3 })),
    people: z.array(planPerson, { error: accepted('list', { of: 'people' }) }),
  },
  documentOf(PLAN_FORMAT),
)

export type PlanDocument = z.infer<typeof planDocument>
export type PlanPerson = z.infer<typeof planPerson>
