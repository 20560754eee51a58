import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { InputError } from '@/core'
import { database } from '@/db/client'
import { listPlans as listPlanRows, removePlan, savePlan } from '@/db/library'
import { text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import { type PlanDocument, planDocument } from '@/formats/plan-document'
import { now } from './clock'
import { listPostureIds } from './library'

/** What a group does with a posture. */
export type ClassPlan = { group: string; posture: string; plan: PlanDocument; updatedAt: string }

const keeping = z.object({ group: text(80).trim().min(1, 'a group'), posture: text(80), plan: planDocument })
const naming = keeping.omit({ plan: true })

export async function listPlans(): Promise<ClassPlan[]> {
  const rows = await listPlanRows(database())
  return rows.map(({ groupName, posture, document, updatedAt }) => ({
    group: groupName,
    posture,
    plan: parse(planDocument, document, 'plan'),
    updatedAt,
  }))
}

/** Keeps a class's plan, in place of the one for that posture before. @throws InputError naming the field */
export async function keepPlan(value: unknown): Promise<ClassPlan> {
  const { group, posture, plan } = parse(keeping, value)
  if (!(await listPostureIds()).includes(posture)) throw new InputError('posture', posture, 'a posture of the library')
  const updatedAt = now()
  await savePlan(database(), { id: randomUUID(), groupName: group, posture, document: plan, updatedAt })
  return { group, posture, plan, updatedAt }
}

export async function dropPlan(value: unknown): Promise<void> {
  const { group, posture } = parse(naming, value)
  if (!(await removePlan(database(), group, posture))) throw new InputError('plan', posture, 'a plan that is kept')
}
