import { closeSync, mkdirSync, openSync } from 'node:fs'
import { tmpdir, userInfo } from 'node:os'
import { join } from 'node:path'
import { type Client, createClient, type Transaction } from '@libsql/client'
import type { Address } from './address'
import { makePlace } from './address'
import { DatabaseError } from './errors'
import { identify } from './place'

/** The mark of a running Nivrel on a database, until it is let go or the program ends, however it ends. */
export type Ownership = { letGo: () => Promise<void> }

const NOBODY: Ownership = { letGo: async () => {} }

/**
 * Takes a database file for this program: locks that are held, which the system takes back when the program is killed.
 * One lies beside the file; one goes by what the file is, so that another of its names is no way in. A remote server has
 * many programs and keeps them apart itself.
 * @throws DatabaseError where another Nivrel runs on it
 */
export async function takeOwnership(address: Address): Promise<Ownership> {
  if (address.kind === 'remote') return NOBODY
  makePlace(address.path)
  const held: Ownership[] = []
  for (const url of [`${address.url}-owner`, lockOf(address.path)]) {
    const lock = await take(url)
    if (lock) held.push(lock)
    else {
      await letGo(held)
      throw new DatabaseError(
        `another Nivrel runs on the database at ${address.path}; end that one, or name another with NIVREL_DATABASE_URL`,
      )
    }
  }
  return { letGo: () => letGo(held) }
}

const letGo = async (held: readonly Ownership[]): Promise<void> => {
  for (const one of held) await one.letGo()
}

/** Where a file is locked by what it is. There has to be one: an empty one is a new database. */
function lockOf(path: string): string {
  closeSync(openSync(path, 'a', 0o600))
  const folder = join(tmpdir(), `nivrel-${userInfo().uid}`)
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  return `file:${encodeURI(join(folder, `${identify(path)}-owner`))}`
}

async function take(url: string): Promise<Ownership | null> {
  const client = createClient({ url, concurrency: 1 })
  const lock = await tryLock(client)
  if (!lock) {
    client.close()
    return null
  }
  return {
    letGo: async () => {
      await lock.rollback()
      client.close()
    },
  }
}

async function tryLock(client: Client): Promise<Transaction | null> {
  try {
    return await client.transaction('write')
  } catch (error) {
    if ((error as { code?: string }).code === 'SQLITE_BUSY') return null
    throw error
  }
}
