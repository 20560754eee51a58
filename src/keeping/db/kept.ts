import { desc, eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { saveRevised } from './revised'
import { drafts, kept } from './schema'

export type KeptRow = typeof kept.$inferSelect
export type DraftRow = typeof drafts.$inferSelect

/** What was kept for everybody, the newest first. */
export const listAllKept = (db: Database): Promise<KeptRow[]> =>
  run(db.select().from(kept).orderBy(desc(kept.createdAt)))

/** What was kept for a person, the newest first. */
export const listKept = (db: Database, personId: string): Promise<KeptRow[]> =>
  run(db.select().from(kept).where(eq(kept.personId, personId)).orderBy(desc(kept.createdAt)))

export async function addKept(db: Database, row: KeptRow): Promise<void> {
  await run(db.insert(kept).values(row))
}

/** Whether there was one to rename. */
export async function renameKept(db: Database, id: string, name: string, note: string): Promise<boolean> {
  const rows = await run(db.update(kept).set({ name, note }).where(eq(kept.id, id)).returning({ id: kept.id }))
  return rows.length > 0
}

/** Takes a kept stance away and gives it back, so that it can be put back. */
export async function removeKept(db: Database, id: string): Promise<KeptRow | null> {
  const [row] = await run(db.delete(kept).where(eq(kept.id, id)).returning())
  return row ?? null
}

export async function findDraft(db: Database, personId: string): Promise<DraftRow | null> {
  const [row] = await run(db.select().from(drafts).where(eq(drafts.personId, personId)))
  return row ?? null
}

/** Saves a draft over the revision that it was made from; null where another page saved since. */
export const saveDraft = (db: Database, row: Omit<DraftRow, 'revision'>, revision: number): Promise<DraftRow | null> =>
  saveRevised(db, drafts, eq(drafts.personId, row.personId), row, revision)

export async function findLatestDraft(db: Database): Promise<DraftRow | null> {
  const [row] = await run(db.select().from(drafts).orderBy(desc(drafts.updatedAt)).limit(1))
  return row ?? null
}
