import { type Client, createClient, type Transaction } from '@libsql/client'
import type { Address } from './address'
import { makePlace } from './address'
import { DatabaseError } from './errors'

/** The mark of a running Nivrel on a database, until it is let go or the program ends, however it ends. */
export type Ownership = { letGo: () => Promise<void> }

const NOBODY: Ownership = { letGo: async () => {} }

/**
 * Takes a database file for this program: a lock that is held beside it, which the system takes back when the program
 * is killed. A remote server has many programs and keeps them apart itself.
 * @throws DatabaseError where another Nivrel runs on it
 */
export async function takeOwnership(address: Address): Promise<Ownership> {
  if (address.kind === 'remote') return NOBODY
  makePlace(address.path)
  const client = createClient({ url: `${address.url}-owner`, concurrency: 1 })
  const lock = await tryLock(client)
  if (!lock) {
    client.close()
    throw new DatabaseError(
      `another Nivrel runs on the database at ${address.path}; end that one, or name another with NIVREL_DATABASE_URL`,
    )
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
