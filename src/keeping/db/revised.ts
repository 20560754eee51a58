import { and, eq, type SQL } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { Database } from './client'
import { run } from './errors'

type Revised = SQLiteTable & { revision: SQLiteColumn }

/**
 * Saves a row over the revision that it was made from, 0 for one that is not there yet. What is there then; null where
 * somebody else saved, made or removed it since.
 */
export async function saveRevised<T extends Revised>(
  db: Database,
  table: T,
  at: SQL | undefined,
  row: Omit<T['$inferInsert'], 'revision'>,
  revision: number,
): Promise<T['$inferSelect'] | null> {
  const values = { ...row, revision: revision + 1 } as T['$inferInsert'] & { id?: string }
  // What is there keeps the id that it was given.
  const { id: _, ...changed } = values
  const saved = (await run(
    revision === 0
      ? db.insert(table).values(values).onConflictDoNothing().returning()
      : db
          .update(table)
          .set(changed as never)
          .where(and(at, eq(table.revision, revision)))
          .returning(),
  )) as T['$inferSelect'][]
  return saved[0] ?? null
}
