import { desc, eq } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { saveRevised } from './revised'
import { drafts, kept } from './schema'

export type KeptRow = typeof kept.$inferSelect
export type DraftRow = typeof drafts.$inferSelect

/** What was kept for everybody, the newest first. */
export const listAllKept = (here: Here): Promise<KeptRow[]> =>
  run(here.db.select().from(kept).where(inSite(here, kept)).orderBy(desc(kept.createdAt)))

/** What was kept for a person, the newest first. */
export const listKept = (here: Here, personId: string): Promise<KeptRow[]> =>
  run(
    here.db
      .select()
      .from(kept)
      .where(inSite(here, kept, eq(kept.personId, personId)))
      .orderBy(desc(kept.createdAt)),
  )

export async function addKept(here: Here, row: Omit<KeptRow, 'siteId'>): Promise<void> {
  await run(here.db.insert(kept).values({ ...row, siteId: here.site }))
}

/** Whether there was one to rename. */
export async function renameKept(here: Here, id: string, name: string, note: string): Promise<boolean> {
  const rows = await run(
    here.db
      .update(kept)
      .set({ name, note })
      .where(inSite(here, kept, eq(kept.id, id)))
      .returning({ id: kept.id }),
  )
  return rows.length > 0
}

/** Takes a kept stance away and gives it back, so that it can be put back. */
export async function removeKept(here: Here, id: string): Promise<KeptRow | null> {
  const [row] = await run(
    here.db
      .delete(kept)
      .where(inSite(here, kept, eq(kept.id, id)))
      .returning(),
  )
  return row ?? null
}

export async function findDraft(here: Here, personId: string): Promise<DraftRow | null> {
  const [row] = await run(
    here.db
      .select()
      .from(drafts)
      .where(inSite(here, drafts, eq(drafts.personId, personId))),
  )
  return row ?? null
}

/** Saves a draft over the revision that it was made from; null where another page saved since. */
export const saveDraft = (
  here: Here,
  row: Omit<DraftRow, 'revision' | 'siteId'>,
  revision: number,
): Promise<DraftRow | null> => saveRevised(here, drafts, eq(drafts.personId, row.personId), row, revision)

export async function findLatestDraft(here: Here): Promise<DraftRow | null> {
  const [row] = await run(
    here.db.select().from(drafts).where(inSite(here, drafts)).orderBy(desc(drafts.updatedAt)).limit(1),
  )
  return row ?? null
}
