import { and, eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { saveRevised } from './revised'
import { facts, plans, postures } from './schema'

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

const planAt = (groupName: string, posture: string) => and(eq(plans.groupName, groupName), eq(plans.posture, posture))

export async function findPlan(db: Database, groupName: string, posture: string): Promise<PlanRow | null> {
  const [row] = await run(db.select().from(plans).where(planAt(groupName, posture)))
  return row ?? null
}

/** Keeps a class's plan for a posture over the revision that it was made from; null where somebody else kept one since. */
export const savePlan = (db: Database, row: Omit<PlanRow, 'revision'>, revision: number): Promise<PlanRow | null> =>
  saveRevised(db, plans, planAt(row.groupName, row.posture), row, revision)

export async function removePlan(db: Database, groupName: string, posture: string): Promise<boolean> {
  const rows = await run(db.delete(plans).where(planAt(groupName, posture)).returning({ id: plans.id }))
  return rows.length > 0
}

/** A single fact of this database as text, with its revision; null where there is none. */
export async function readFact(db: Database, key: string): Promise<{ text: string; revision: number } | null> {
  const [row] = await run(db.select().from(facts).where(eq(facts.key, key)))
  return row ? { text: row.value, revision: row.revision } : null
}

/** Saves a fact over the revision that it was made from; null where somebody else saved since. */
export async function writeFact(db: Database, key: string, value: unknown, revision: number): Promise<number | null> {
  const row = await saveRevised(db, facts, eq(facts.key, key), { key, value: JSON.stringify(value) }, revision)
  return row?.revision ?? null
}
