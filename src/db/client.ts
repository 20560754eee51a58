import { mkdirSync } from 'node:fs'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { type Client, createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import * as schema from './schema'

const DEFAULT_URL = 'file:data/nivrel.db'

/** Where the data are: a local file unless NIVREL_DATABASE_URL names another file or a remote libSQL server. */
export const databaseUrl = (): string => process.env.NIVREL_DATABASE_URL || DEFAULT_URL

export function connect(url = databaseUrl()): Client {
  if (url.startsWith('file:')) mkdirSync(dirname(filePath(url)), { recursive: true })
  return createClient({ url, authToken: process.env.NIVREL_DATABASE_TOKEN })
}

const filePath = (url: string) => (url.startsWith('file://') ? fileURLToPath(url) : url.slice('file:'.length))

export const openDatabase = (client: Client) => drizzle(client, { schema })

export type Database = ReturnType<typeof openDatabase>

// One connection a process; kept on the global object because a development server loads modules anew.
const held = globalThis as { nivrelDatabase?: Database }

export function database(): Database {
  held.nivrelDatabase ??= openDatabase(connect())
  return held.nivrelDatabase
}
