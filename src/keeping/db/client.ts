import { chmodSync, existsSync } from 'node:fs'
import { basename } from 'node:path'
import { type Client, createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { stamp } from '@/clock'
import { makePlace, parseAddress, readAddress } from './address'
import { MovedError } from './errors'
import { lookAt } from './ours'
import { type Place, watchPlace } from './place'
import * as schema from './schema'
import { makeSteady, settleFile } from './steady'

const BUSY_MS = 100

/** Opens the database at an address. @throws DatabaseError in one line where it is none or cannot be written */
export function connect(given?: string): Client {
  const address = given === undefined ? readAddress() : parseAddress(given)
  const { url } = address
  if (address.kind === 'remote') return createClient({ url, authToken: process.env.NIVREL_DATABASE_TOKEN })
  makePlace(address.path)
  lookAt(address.path)
  const place = watchPlace(address.path)
  // One connection: what is said to it once holds for everything that comes after.
  const client = makeSteady(createClient({ url, concurrency: 1, timeout: BUSY_MS }), place, (open) =>
    rescue(open, address.path, place),
  )
  settling.set(client, settleFile(client).then(place.mark))
  keepPrivate(address.path)
  return client
}

/** What has to be done on a new connection, under way since it was made. */
const settling = new WeakMap<Client, Promise<void>>()

/** Waits until a connection is as every connection must be. */
export const settled = async (client: Client): Promise<void> => settling.get(client)

/** What was saved in a file that is not in its place any more, put beside it; and what to tell whoever saves. */
async function rescue(client: Client, path: string, place: Place): Promise<Error> {
  const kept = `${path}.saved-${stamp().replace(/[:.]/g, '-')}`
  await client.execute({ sql: 'vacuum into ?', args: [kept] })
  place.leave()
  return new MovedError(
    `the database file was moved, deleted or replaced while Nivrel ran, and nothing is written any more. What had been saved until then is in ${basename(kept)} beside it. End Nivrel, put the file that is to go on in its place, and start it again`,
  )
}

/** The file and what is written beside it are for this user alone. */
const keepPrivate = (path: string) => {
  for (const file of [path, `${path}-wal`, `${path}-shm`])
    if (existsSync(/* turbopackIgnore: true */ file)) chmodSync(file, 0o600)
}

export const openDatabase = (client: Client) => drizzle(client, { schema })

export type Database = ReturnType<typeof openDatabase>

// One connection a process; kept on the global object because a development server loads modules anew.
const held = globalThis as { nivrelDatabase?: Database }

export function database(): Database {
  held.nivrelDatabase ??= openDatabase(connect())
  return held.nivrelDatabase
}
