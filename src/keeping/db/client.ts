import { chmodSync, existsSync } from 'node:fs'
import { type Client, createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { makePlace, parseAddress, readAddress } from './address'
import * as schema from './schema'
import { makeSteady, settleFile } from './steady'

const BUSY_MS = 100

/** Opens the database at an address. @throws DatabaseError in one line where it is none or cannot be written */
export function connect(given?: string): Client {
  const address = given === undefined ? readAddress() : parseAddress(given)
  const { url } = address
  if (address.kind === 'remote') return createClient({ url, authToken: process.env.NIVREL_DATABASE_TOKEN })
  makePlace(address.path)
  // One connection: what is said to it once holds for everything that comes after.
  const client = makeSteady(createClient({ url, concurrency: 1, timeout: BUSY_MS }))
  settling.set(client, settleFile(client))
  keepPrivate(address.path)
  return client
}

/** What has to be done on a new connection, under way since it was made. */
const settling = new WeakMap<Client, Promise<void>>()

/** Waits until a connection is as every connection must be. */
export const settled = async (client: Client): Promise<void> => settling.get(client)

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
