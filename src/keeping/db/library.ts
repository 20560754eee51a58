import { and, eq } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { saveRevised } from './revised'
import { plans, postures } from './schema'

export type PostureRow = typeof postures.$inferSelect
export type PlanRow = typeof plans.$inferSelect

/** Postures that were changed or added. */
export const listOwnPostures = (here: Here): Promise<PostureRow[]> =>
  run(here.db.select().from(postures).where(inSite(here, postures)))

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export const savePosture = (
  here: Here,
  row: Omit<PostureRow, 'revision' | 'siteId'>,
  revision: number,
): Promise<PostureRow | null> => saveRevised(here, postures, eq(postures.id, row.id), row, revision)

export async function removePosture(here: Here, id: string): Promise<PostureRow | null> {
  const [row] = await run(
    here.db
      .delete(postures)
      .where(inSite(here, postures, eq(postures.id, id)))
      .returning(),
  )
  return row ?? null
}

export const listPlans = (here: Here): Promise<PlanRow[]> =>
  run(here.db.select().from(plans).where(inSite(here, plans)))

const planAt = (groupId: string, posture: string) => and(eq(plans.groupId, groupId), eq(plans.posture, posture))

export async function findPlan(here: Here, groupId: string, posture: string): Promise<PlanRow | null> {
  const [row] = await run(
    here.db
      .select()
      .from(plans)
      .where(inSite(here, plans, planAt(groupId, posture))),
  )
  return row ?? null
}

/** Keeps a class's plan for a posture over the revision that it was made from; null where somebody else kept one since. */
export const savePlan = (
  here: Here,
  row: Omit<PlanRow, 'revision' | 'siteId'>,
  revision: number,
): Promise<PlanRow | null> => saveRevised(here, plans, planAt(row.groupId, row.posture), row, revision)

export async function removePlan(here: Here, groupId: string, posture: string): Promise<boolean> {
  const rows = await run(
    here.db
      .delete(plans)
      .where(inSite(here, plans, planAt(groupId, posture)))
      .returning({ id: plans.id }),
  )
  return rows.length > 0
}
