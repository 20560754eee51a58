import { and, eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { saveRevised } from './revised'
import { plans, postures } from './schema'

export type PostureRow = typeof postures.$inferSelect
export type PlanRow = typeof plans.$inferSelect

/** Postures that were changed or added. */
export const listOwnPostures = (db: Database): Promise<PostureRow[]> => run(db.select().from(postures))

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export const savePosture = (
  db: Database,
  row: Omit<PostureRow, 'revision'>,
  revision: number,
): Promise<PostureRow | null> => saveRevised(db, postures, eq(postures.id, row.id), row, revision)

export async function removePosture(db: Database, id: string): Promise<PostureRow | null> {
  const [row] = await run(db.delete(postures).where(eq(postures.id, id)).returning())
  return row ?? null
}

export const listPlans = (db: Database): Promise<PlanRow[]> => run(db.select().from(plans))

const planAt = (groupId: string, posture: string) => and(eq(plans.groupId, groupId), eq(plans.posture, posture))

export async function findPlan(db: Database, groupId: string, posture: string): Promise<PlanRow | null> {
  const [row] = await run(db.select().from(plans).where(planAt(groupId, posture)))
  return row ?? null
}

/** Keeps a class's plan for a posture over the revision that it was made from; null where somebody else kept one since. */
export const savePlan = (db: Database, row: Omit<PlanRow, 'revision'>, revision: number): Promise<PlanRow | null> =>
  saveRevised(db, plans, planAt(row.groupId, row.posture), row, revision)

export async function removePlan(db: Database, groupId: string, posture: string): Promise<boolean> {
  const rows = await run(db.delete(plans).where(planAt(groupId, posture)).returning({ id: plans.id }))
  return rows.length > 0
}
