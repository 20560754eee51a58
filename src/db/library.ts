import { and, eq } from 'drizzle-orm'
import type { PlanDocument } from '@/formats/plan-document'
import type { PostureDocument } from '@/formats/posture-document'
import type { Database } from './client'
import { facts, plans, postures } from './schema'

export type PostureRow = typeof postures.$inferSelect
export type PlanRow = typeof plans.$inferSelect

/** Postures that were changed or added. */
export const listOwnPostures = (db: Database): Promise<PostureRow[]> => db.select().from(postures)

export async function savePosture(
  db: Database,
  id: string,
  document: PostureDocument,
  updatedAt: string,
): Promise<void> {
  const row = { id, document, updatedAt }
  await db.insert(postures).values(row).onConflictDoUpdate({ target: postures.id, set: row })
}

export async function removePosture(db: Database, id: string): Promise<PostureRow | null> {
  const [row] = await db.delete(postures).where(eq(postures.id, id)).returning()
  return row ?? null
}

export const listPlans = (db: Database): Promise<PlanRow[]> => db.select().from(plans)

/** Keeps a class's plan for a posture, in place of the one before. */
export async function savePlan(
  db: Database,
  plan: { id: string; groupName: string; posture: string; document: PlanDocument; updatedAt: string },
): Promise<void> {
  const { document, updatedAt } = plan
  await db
    .insert(plans)
    .values(plan)
    .onConflictDoUpdate({ target: [plans.groupName, plans.posture], set: { document, updatedAt } })
}

export async function removePlan(db: Database, groupName: string, posture: string): Promise<boolean> {
  const rows = await db
    .delete(plans)
    .where(and(eq(plans.groupName, groupName), eq(plans.posture, posture)))
    .returning({ id: plans.id })
  return rows.length > 0
}

/** A single fact of this database, as JSON; undefined where there is none. */
export async function readFact(db: Database, key: string): Promise<unknown> {
  const [row] = await db.select().from(facts).where(eq(facts.key, key))
  return row && JSON.parse(row.value)
}

export async function writeFact(db: Database, key: string, value: unknown): Promise<void> {
  const row = { key, value: JSON.stringify(value) }
  await db.insert(facts).values(row).onConflictDoUpdate({ target: facts.key, set: row })
}
