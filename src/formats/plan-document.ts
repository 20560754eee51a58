import { z } from 'zod'
import { SCHOOL_IDS } from '@/core'
import { flag, oneOf, text } from './fields'
import { measuresDocument } from './posture-document'
import { stanceBody } from './stance-document'

export const PLAN_FORMAT = 'nivrel.plan/1'

/** `nivrel.plan/1`: what a class does with a posture. People are named by their id in this database only. */
export const planDocument = z.looseObject(
  {
    format: z.literal(PLAN_FORMAT, { error: `"${PLAN_FORMAT}"` }),
    school: oneOf(SCHOOL_IDS),
    side: oneOf(['left', 'right']),
    levels: z
      .array(z.looseObject({ title: text(120), sentence: text(400), measures: measuresDocument }), { error: 'levels' })
      .max(3, 'at most three levels'),
    people: z.array(
      z.looseObject({
        id: text(80),
        /** Counted from 0; null for somebody with a form of their own. */
        level: z.number({ error: 'a whole number or null' }).int().min(0).max(2).nullable(),
        kind: oneOf(['level', 'own', 'seated', 'none']),
        pinned: flag.optional(),
        stance: stanceBody.nullable(),
      }),
      { error: 'people with their levels' },
    ),
  },
  { error: `a ${PLAN_FORMAT} document` },
)

export type PlanDocument = z.infer<typeof planDocument>
