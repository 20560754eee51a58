import { eq, type SQL } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import { run } from './errors'
import { type Here, inSite } from './here'

type Revised = SQLiteTable & { revision: SQLiteColumn; siteId: SQLiteColumn }

/**
 * Saves a row over the revision that it was made from, 0 for one that is not there yet. What is there then; null where
 * somebody else saved, made or removed it since.
 */
export async function saveRevised<T extends Revised>(
  here: Here,
  table: T,
  at: SQL | undefined,
  row: Omit<T['$inferInsert'], 'revision' | 'siteId'>,
  revision: number,
): Promise<T['$inferSelect'] | null> {
  const values = { ...row, siteId: here.site, revision: revision + 1 } as T['$inferInsert'] & { id?: string }
  // What is there keeps the id that it was given.
  const { id: _, ...changed } = values
  const saved = (await run(
    revision === 0
      ? here.db.insert(table).values(values).onConflictDoNothing().returning()
      : here.db
          .update(table)
          .set(changed as never)
          .where(inSite(here, table, at, eq(table.revision, revision)))
          .returning(),
  )) as T['$inferSelect'][]
  return saved[0] ?? null
}
