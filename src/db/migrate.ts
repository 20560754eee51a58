import type { Client } from '@libsql/client'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { openDatabase } from './client'
import journal from './migrations/meta/_journal.json'

const FOLDER = 'src/db/migrations'
const APPLIED = '__drizzle_migrations'

/** A database that this program must not touch, with the reason in one line. */
export class DatabaseError extends Error {}

/** Brings a database up to date. @throws DatabaseError where it was made by a newer version */
export async function bringUpToDate(client: Client): Promise<void> {
  const newest = Math.max(...journal.entries.map((entry) => entry.when))
  const applied = await findNewestApplied(client)
  if (applied > newest) {
    throw new DatabaseError(
      'the database was made by a newer version of Nivrel; start that version, or name another with NIVREL_DATABASE_URL',
    )
  }
  await migrate(openDatabase(client), { migrationsFolder: FOLDER })
}

async function findNewestApplied(client: Client): Promise<number> {
  const table = await client.execute({ sql: 'select 1 from sqlite_master where name = ?', args: [APPLIED] })
  if (table.rows.length === 0) return 0
  const newest = await client.execute(`select max(created_at) as newest from ${APPLIED}`)
  return Number(newest.rows[0]?.newest ?? 0)
}

/** Removes every table, to start over. */
export async function clear(client: Client): Promise<void> {
  const tables = await client.execute(
    "select name from sqlite_master where type = 'table' and name not like 'sqlite_%'",
  )
  const drops = tables.rows.map((row) => `drop table if exists "${String(row.name)}"`)
  await client.batch(['pragma defer_foreign_keys = on', ...drops], 'write')
}
