import { z } from 'zod'
import { accepted, keysOf, number, oneOf, text } from './fields'
import { planPerson } from './plan-document'
import { stanceBody } from './stance-document'

export const NEXT_WAYS = ['harder', 'same', 'easier'] as const
/** What changes with the next version, one thing at a time. */
export const NEXT_CHANGES = ['step', 'knees', 'hand', 'hold'] as const

/** The next version of a posture for one body: what changes from what to what, and what it leaves. */
export const nextVersion = z.looseObject(
  {
    posture: text(80),
    what: oneOf(NEXT_CHANGES),
    from: number(-1000, 1000),
    to: number(-1000, 1000),
    /** Least sure margin less its reserve, metres. */
    spareM: number(-1, 1, 'm').nullable(),
  },
  keysOf('posture, what, from, to'),
)
export type NextVersion = z.infer<typeof nextVersion>

/** What was proposed for somebody after a class, and what the instructor made of it. */
export const decisionDocument = z.looseObject(
  {
    proposed: oneOf(NEXT_WAYS),
    /** What is done; the same as proposed, another, or `null` where it was left. */
    taken: oneOf(NEXT_WAYS).nullable(),
    next: nextVersion.nullable().optional(),
    reason: text(500).optional(),
    /** The plan that this went into, what they do there now, and what it had for them before. */
    plan: z
      .looseObject(
        { group: text(80), posture: text(80), stance: stanceBody, was: planPerson },
        keysOf('group, posture, stance, was'),
      )
      .optional(),
  },
  { error: accepted('keys', { keys: 'proposed, taken' }) },
)

export type DecisionDocument = z.infer<typeof decisionDocument>
