import { isDeepStrictEqual } from 'node:util'
import { z } from 'zod'
import { stamp } from '@/clock'
import { InputError } from '@/core'
import { type DecisionDocument, decisionDocument } from '@/documents/decision-document'
import { text } from '@/documents/fields'
import { parse } from '@/documents/parse'
import { day as dayField } from '@/documents/record-document'
import { type StanceBody, stanceBody } from '@/documents/stance-document'
import { type DecisionRow, listDecisions, listDecisionsOf, putDecision } from '@/keeping/db/decisions'
import type { Answered } from '@/teaching/practice/group-view'
import { here } from './here'
import { readRecord } from './people'
import { changeForm } from './plans'
import { readKept } from './set-aside'

/** What was decided for somebody on a day. */
export type Decided = { person: string; day: string; document: DecisionDocument }

const deciding = z.object({
  person: text(80),
  day: dayField,
  document: decisionDocument,
  /** What it becomes in a group's plan. */
  form: z.object({ group: text(80), posture: text(80), stance: stanceBody }).optional(),
})

const toDecided = ({ personId, day, document: raw }: DecisionRow): Decided[] => {
  const { value } = readKept(decisionDocument, raw, { what: 'decision', id: personId, name: day })
  return value ? [{ person: personId, day, document: value }] : []
}

export const readDecisionsOf = async (personId: string): Promise<Decided[]> =>
  (await listDecisionsOf(await here(), personId)).flatMap(toDecided)

/** The day on which something was last decided for each of them, by id. */
export async function readAnswered(): Promise<Answered> {
  const rows = await listDecisions(await here())
  return Object.fromEntries(rows.map(({ personId, day }) => [personId, day]))
}

/**
 * Keeps what was decided, and puts the form that was taken into the plan of their group. Another decision of the same
 * day first takes back what the one before it put there.
 * @throws InputError naming the field, or a person or plan that is not known; ConflictError where the plan changed
 */
export async function keepDecision(value: unknown): Promise<Decided> {
  const { person, day, document: said, form } = parse(deciding, value)
  await readRecord(person)
  const before = (await readDecisionsOf(person)).find((one) => one.day === day)?.document.plan
  if (before) await takeBack(person, before)
  const { plan: _, ...decided } = said
  const document = form ? { ...decided, plan: await takeForm(person, form) } : decided
  await putDecision(await here(), { personId: person, day, document, updatedAt: stamp() })
  return { person, day, document }
}

type Form = { group: string; posture: string; stance: StanceBody }

/** A form of their own from now on. @throws InputError where no plan has them */
async function takeForm(person: string, { group, posture, stance }: Form): Promise<DecisionDocument['plan']> {
  const was = await changeForm({ group, posture }, person, (now) => ({ ...now, kind: 'own', level: null, stance }))
  if (!was) throw new InputError('form.posture', posture, { code: 'known.plan' })
  return { group, posture, stance, was }
}

/** What they had before, unless the class was fitted anew since. */
const takeBack = (person: string, { was, stance, ...plan }: NonNullable<DecisionDocument['plan']>) =>
  changeForm(plan, person, (now) => (isDeepStrictEqual(now.stance, stance) ? was : null))
