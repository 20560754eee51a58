import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { InputError } from '@/core'
import { database } from '@/db/client'
import { findPlan, listPlans as listPlanRows, type PlanRow, removePlan, savePlan } from '@/db/library'
import { filledText, number, text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import { type PlanDocument, planDocument } from '@/formats/plan-document'
import { now } from './clock'
import { ConflictError } from './conflict'
import { requirePosture } from './library'
import { readKept, type SetAside } from './set-aside'

/** What a group does with a posture. */
export type ClassPlan = { group: string; posture: string; plan: PlanDocument; revision: number; updatedAt: string }

const naming = z.object({ group: filledText(80), posture: text(80) })
const keeping = naming.extend({ plan: planDocument, revision: number(0, 1e9) })

const readRow = ({ id, groupName, posture, document }: PlanRow) =>
  readKept(planDocument, document, { what: 'plan', id, name: `${groupName}, ${posture}` })

const toPlan = ({ groupName, posture, revision, updatedAt }: PlanRow, plan: PlanDocument): ClassPlan => ({
  group: groupName,
  posture,
  plan,
  revision,
  updatedAt,
})

export async function listPlans(): Promise<ClassPlan[]> {
  const rows = await listPlanRows(database())
  return rows.flatMap((row) => {
    const { value } = readRow(row)
    return value ? [toPlan(row, value)] : []
  })
}

/** Plans that cannot be read. */
export async function listUnreadablePlans(): Promise<SetAside[]> {
  return (await listPlanRows(database())).flatMap((row) => readRow(row).aside ?? [])
}

/**
 * Keeps a class's plan over the revision that it was made from (0: there was none).
 * @throws ConflictError where somebody else kept one since; InputError naming the field
 */
export async function keepPlan(value: unknown): Promise<ClassPlan> {
  const { group, posture, plan, revision } = parse(keeping, value)
  await requirePosture(posture)
  const row = { id: randomUUID(), groupName: group, posture, document: plan, updatedAt: now() }
  const saved = await savePlan(database(), row, revision)
  if (saved) return toPlan(saved, plan)
  const there = await findPlan(database(), group, posture)
  throw new ConflictError(there && toPlan(there, there.document))
}

export async function dropPlan(value: unknown): Promise<void> {
  const { group, posture } = parse(naming, value)
  if (!(await removePlan(database(), group, posture))) throw new InputError('plan', posture, { code: 'known.plan' })
}
