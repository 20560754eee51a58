import type { Client } from '@libsql/client'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { openDatabase, settled } from './client'
import { DatabaseError } from './errors'
import journal from './migrations/meta/_journal.json'
import { APPLICATION_ID, APPLIED, LIST_TABLES, requireOurs } from './ours'

const FOLDER = 'src/keeping/db/migrations'

/**
 * Brings a database up to date. @throws DatabaseError where it is another program's, or was made by a newer version
 */
export async function bringUpToDate(client: Client): Promise<void> {
  await settled(client)
  await checkOurs(client)
  const newest = Math.max(...journal.entries.map((entry) => entry.when))
  const applied = await findNewestApplied(client)
  if (applied > newest) {
    throw new DatabaseError(
      'the database was made by a newer version of Nivrel; start that version, or name another with NIVREL_DATABASE_URL',
    )
  }
  await migrate(openDatabase(client), { migrationsFolder: FOLDER })
  if (client.protocol === 'file') await client.executeMultiple(`pragma application_id = ${APPLICATION_ID}`)
}

/** @throws DatabaseError where it is another program's */
async function checkOurs(client: Client): Promise<void> {
  requireOurs(await listTables(client), client.protocol === 'file' ? await readApplicationId(client) : 0)
}

async function readApplicationId(client: Client): Promise<number> {
  const { rows } = await client.execute('pragma application_id')
  return Number(rows[0]?.application_id ?? 0)
}

async function listTables(client: Client): Promise<string[]> {
  const tables = await client.execute(LIST_TABLES)
  return tables.rows.map((row) => String(row.name))
}

async function findNewestApplied(client: Client): Promise<number> {
  if (!(await listTables(client)).includes(APPLIED)) return 0
  const newest = await client.execute(`select max(created_at) as newest from ${APPLIED}`)
  return Number(newest.rows[0]?.newest ?? 0)
}

/** Removes every table of a database that is Nivrel's, to start over. @throws DatabaseError where it is not */
export async function clear(client: Client): Promise<void> {
  await settled(client)
  await checkOurs(client)
  const drops = (await listTables(client)).map((name) => `drop table if exists "${name}"`)
  await client.batch(['pragma defer_foreign_keys = on', ...drops], 'write')
  await overwrite(client)
}

/**
 * Leaves nothing in a file of what was removed: it is written anew without it, and so is what was written ahead. A
 * remote server keeps its own copies as it does: there the rows are gone, and no more can be said from here.
 */
export async function overwrite(client: Client): Promise<void> {
  if (client.protocol !== 'file') return
  await client.execute('vacuum')
  await client.execute('pragma wal_checkpoint(truncate)')
}
