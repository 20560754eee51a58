import { desc, eq } from 'drizzle-orm'
import type { Database } from './client'
import { drafts, kept } from './schema'

export type KeptRow = typeof kept.$inferSelect
export type DraftRow = typeof drafts.$inferSelect

/** What was kept for a person, the newest first. */
export const listKept = (db: Database, personId: string): Promise<KeptRow[]> =>
  db.select().from(kept).where(eq(kept.personId, personId)).orderBy(desc(kept.createdAt))

export async function addKept(db: Database, row: KeptRow): Promise<void> {
  await db.insert(kept).values(row)
}

export async function renameKept(db: Database, id: string, name: string, note: string): Promise<void> {
  await db.update(kept).set({ name, note }).where(eq(kept.id, id))
}

/** Takes a kept stance away and gives it back, so that it can be put back. */
export async function removeKept(db: Database, id: string): Promise<KeptRow | null> {
  const [row] = await db.delete(kept).where(eq(kept.id, id)).returning()
  return row ?? null
}

export async function findDraft(db: Database, personId: string): Promise<DraftRow | null> {
  const [row] = await db.select().from(drafts).where(eq(drafts.personId, personId))
  return row ?? null
}

export async function saveDraft(db: Database, row: DraftRow): Promise<void> {
  await db.insert(drafts).values(row).onConflictDoUpdate({ target: drafts.personId, set: row })
}

export async function findLatestDraft(db: Database): Promise<DraftRow | null> {
  const [row] = await db.select().from(drafts).orderBy(desc(drafts.updatedAt)).limit(1)
  return row ?? null
}
