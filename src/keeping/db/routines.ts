import { eq } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { saveRevised } from './revised'
import { routines } from './schema'

export type RoutineRow = typeof routines.$inferSelect

/** Routines that were changed or made. */
export const listRoutineRows = (here: Here): Promise<RoutineRow[]> =>
  run(here.db.select().from(routines).where(inSite(here, routines)))

export async function findRoutineRow(here: Here, id: string): Promise<RoutineRow | null> {
  const [row] = await run(
    here.db
      .select()
      .from(routines)
      .where(inSite(here, routines, eq(routines.id, id))),
  )
  return row ?? null
}

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export const saveRoutineRow = (
  here: Here,
  row: Omit<RoutineRow, 'revision' | 'siteId'>,
  revision: number,
): Promise<RoutineRow | null> => saveRevised(here, routines, eq(routines.id, row.id), row, revision)

export async function removeRoutineRow(here: Here, id: string): Promise<RoutineRow | null> {
  const [row] = await run(
    here.db
      .delete(routines)
      .where(inSite(here, routines, eq(routines.id, id)))
      .returning(),
  )
  return row ?? null
}
