import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { stamp } from '@/clock'
import { InputError } from '@/core'
import { number, text } from '@/documents/fields'
import { parse } from '@/documents/parse'
import { type PlanDocument, type PlanPerson, planDocument } from '@/documents/plan-document'
import { findPlan, listPlans as listPlanRows, type PlanRow, removePlan, savePlan } from '@/keeping/db/library'
import type { Group } from '@/records/groups'
import { ConflictError } from './conflict'
import { readGroups, requireGroup } from './groups'
import { here } from './here'
import { requirePosture } from './library'
import { readKept, type SetAside } from './set-aside'

/** What a group, by its id, does with a posture. */
export type ClassPlan = { group: string; posture: string; plan: PlanDocument; revision: number; updatedAt: string }

const naming = z.object({ group: text(80), posture: text(80) })
const keeping = naming.extend({ plan: planDocument, revision: number(0, 1e9) })

const readRow = ({ id, groupId, posture, document }: PlanRow, groups: readonly Group[]) => {
  const group = groups.find((one) => one.id === groupId)?.name ?? groupId
  return readKept(planDocument, document, { what: 'plan', id, name: `${group}, ${posture}` })
}

const toPlan = ({ groupId, posture, revision, updatedAt }: PlanRow, plan: PlanDocument): ClassPlan => ({
  group: groupId,
  posture,
  plan,
  revision,
  updatedAt,
})

export async function listPlans(): Promise<ClassPlan[]> {
  const [rows, groups] = await Promise.all([listPlanRows(await here()), readGroups()])
  return rows.flatMap((row) => {
    const { value } = readRow(row, groups)
    return value ? [toPlan(row, value)] : []
  })
}

/** Plans that cannot be read. */
export async function listUnreadablePlans(): Promise<SetAside[]> {
  const [rows, groups] = await Promise.all([listPlanRows(await here()), readGroups()])
  return rows.flatMap((row) => readRow(row, groups).aside ?? [])
}

/**
 * Keeps a class's plan over the revision that it was made from (0: there was none).
 * @throws ConflictError where somebody else kept one since; InputError naming the field
 */
export async function keepPlan(value: unknown): Promise<ClassPlan> {
  const { group, posture, plan, revision } = parse(keeping, value)
  await Promise.all([requirePosture(posture), requireGroup(group)])
  const row = { id: randomUUID(), groupId: group, posture, document: plan, updatedAt: stamp() }
  const saved = await savePlan(await here(), row, revision)
  if (saved) return toPlan(saved, plan)
  const there = await findPlan(await here(), group, posture)
  throw new ConflictError(there && toPlan(there, there.document))
}

/**
 * Gives somebody another form in a group's plan.
 * @param make their form from what they have there; null: it stays
 * @returns what they had; null where there is no such plan, or they are not in it
 * @throws ConflictError where the plan changed meanwhile
 */
export async function changeForm(
  { group, posture }: { group: string; posture: string },
  person: string,
  make: (was: PlanPerson) => PlanPerson | null,
): Promise<PlanPerson | null> {
  const there = (await listPlans()).find((one) => one.group === group && one.posture === posture)
  const was = there?.plan.people.find(({ id }) => id === person)
  if (!there || !was) return null
  const is = make(was)
  if (!is) return was
  const people = there.plan.people.map((one) => (one === was ? is : one))
  await keepPlan({ group, posture, plan: { ...there.plan, people }, revision: there.revision })
  return was
}

export async function dropPlan(value: unknown): Promise<void> {
  const { group, posture } = parse(naming, value)
  if (!(await removePlan(await here(), group, posture))) throw new InputError('plan', posture, { code: 'known.plan' })
}
