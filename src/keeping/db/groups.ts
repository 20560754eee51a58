import { and, asc, eq, inArray, ne, notExists } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { groups } from './schema'

export type GroupRow = typeof groups.$inferSelect

/** Every group by name, also those that nobody is in. */
export const listGroups = (db: Database): Promise<GroupRow[]> => run(db.select().from(groups).orderBy(asc(groups.name)))

/** Adds groups; a name that is there already stays with its group. All groups of these names, as they are then. */
export async function requireGroups(
  db: Database,
  wanted: readonly Pick<GroupRow, 'id' | 'name'>[],
): Promise<GroupRow[]> {
  if (wanted.length === 0) return []
  await run(
    db
      .insert(groups)
      .values([...wanted])
      .onConflictDoNothing(),
  )
  const names = wanted.map(({ name }) => name)
  return run(db.select().from(groups).where(inArray(groups.name, names)))
}

/** Gives a group another name: `taken` where another group of the site has it, `gone` where there is none. */
export async function renameGroup(db: Database, id: string, name: string): Promise<'done' | 'taken' | 'gone'> {
  const others = db
    .select({ id: groups.id })
    .from(groups)
    .where(and(eq(groups.name, name), ne(groups.id, id)))
  const rows = await run(
    db
      .update(groups)
      .set({ name })
      .where(and(eq(groups.id, id), notExists(others)))
      .returning({ id: groups.id }),
  )
  if (rows.length > 0) return 'done'
  const [there] = await run(db.select({ id: groups.id }).from(groups).where(eq(groups.id, id)))
  return there ? 'taken' : 'gone'
}
