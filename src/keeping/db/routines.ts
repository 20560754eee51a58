import { eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { saveRevised } from './revised'
import { routines } from './schema'

export type RoutineRow = typeof routines.$inferSelect

/** Routines that were changed or made. */
export const listRoutineRows = (db: Database): Promise<RoutineRow[]> => run(db.select().from(routines))

export async function findRoutineRow(db: Database, id: string): Promise<RoutineRow | null> {
  const [row] = await run(db.select().from(routines).where(eq(routines.id, id)))
  return row ?? null
}

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export const saveRoutineRow = (
  db: Database,
  row: Omit<RoutineRow, 'revision'>,
  revision: number,
): Promise<RoutineRow | null> => saveRevised(db, routines, eq(routines.id, row.id), row, revision)

export async function removeRoutineRow(db: Database, id: string): Promise<RoutineRow | null> {
  const [row] = await run(db.delete(routines).where(eq(routines.id, id)).returning())
  return row ?? null
}
