import { asc, eq, inArray, ne, notExists } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { groups } from './schema'

export type GroupRow = typeof groups.$inferSelect

/** Every group by name, also those that nobody is in. */
export const listGroups = (here: Here): Promise<GroupRow[]> =>
  run(here.db.select().from(groups).where(inSite(here, groups)).orderBy(asc(groups.name)))

/** Adds groups; a name that is there already stays with its group. All groups of these names, as they are then. */
export async function requireGroups(here: Here, wanted: readonly Pick<GroupRow, 'id' | 'name'>[]): Promise<GroupRow[]> {
  if (wanted.length === 0) return []
  await run(
    here.db
      .insert(groups)
      .values(wanted.map((one) => ({ ...one, siteId: here.site })))
      .onConflictDoNothing(),
  )
  const names = wanted.map(({ name }) => name)
  return run(
    here.db
      .select()
      .from(groups)
      .where(inSite(here, groups, inArray(groups.name, names))),
  )
}

/** Gives a group another name: `taken` where another group of the site has it, `gone` where there is none. */
export async function renameGroup(here: Here, id: string, name: string): Promise<'done' | 'taken' | 'gone'> {
  const others = here.db
    .select({ id: groups.id })
    .from(groups)
    .where(inSite(here, groups, eq(groups.name, name), ne(groups.id, id)))
  const rows = await run(
    here.db
      .update(groups)
      .set({ name })
      .where(inSite(here, groups, eq(groups.id, id), notExists(others)))
      .returning({ id: groups.id }),
  )
  if (rows.length > 0) return 'done'
  const [there] = await run(
    here.db
      .select({ id: groups.id })
      .from(groups)
      .where(inSite(here, groups, eq(groups.id, id))),
  )
  return there ? 'taken' : 'gone'
}
