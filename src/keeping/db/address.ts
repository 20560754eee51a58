import { accessSync, constants, existsSync, mkdirSync, statSync } from 'node:fs'
import { basename, dirname, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { DatabaseError } from './errors'

const DEFAULT_URL = 'file:data/nivrel.db'
const ACCEPTED = 'a file as file:path/to.db, or a libSQL server as libsql://host'
const REMOTE = new Set(['libsql:', 'https:', 'http:', 'wss:', 'ws:'])

/** Where a database is: a file on this machine, by its absolute path, or a libSQL server. */
export type Address = { kind: 'file'; path: string; url: string } | { kind: 'remote'; host: string; url: string }

/** The address that NIVREL_DATABASE_URL names, or the default file. @throws DatabaseError where it names none */
export const readAddress = (): Address => parseAddress(process.env.NIVREL_DATABASE_URL || DEFAULT_URL)

/** Reads an address. @throws DatabaseError in one line, with what would be accepted */
export function parseAddress(given: string): Address {
  const refuse = (reason: string) =>
    new DatabaseError(`NIVREL_DATABASE_URL ${short(given)}: ${reason}; it takes ${ACCEPTED}`)
  if (!given.startsWith('file:')) {
    const url = URL.canParse(given) ? new URL(given) : null
    if (!url || !REMOTE.has(url.protocol) || url.hostname === '') throw refuse('is no address of a database')
    return { kind: 'remote', host: url.host, url: given }
  }
  if (/[?#]/.test(given)) throw refuse('names more than a file')
  const path = readPath(given)
  if (path === null) throw refuse('cannot be read')
  if (path === '' || path.endsWith('/')) throw refuse('names no file')
  if (path.startsWith(':') || basename(path).startsWith(':')) throw refuse('would keep nothing')
  const absolute = resolve(/* turbopackIgnore: true */ path)
  // The client reads an address for percent signs once more.
  return { kind: 'file', path: absolute, url: `file:${encodeURI(absolute).replace(/[?#]/g, encodeURIComponent)}` }
}

function readPath(given: string): string | null {
  try {
    return given.startsWith('file://') ? fileURLToPath(given) : decodeURIComponent(given.slice('file:'.length))
  } catch {
    return null
  }
}

const short = (text: string) => (text.length > 80 ? `${text.slice(0, 77)}…` : text)

/**
 * Makes the folder of a database file where there is none. What this program makes from here on is for this user alone; a
 * folder that was there before is left as it is. @throws DatabaseError in one line where nothing can be written
 */
export function makePlace(path: string): void {
  checkFile(path)
  process.umask(0o077)
  mkdirSync(dirname(path), { recursive: true, mode: 0o700 })
}

function checkFile(path: string): void {
  const refuse = (reason: string) => new DatabaseError(`the database at ${path} cannot be opened or written: ${reason}`)
  if (existsSync(path)) {
    if (!statSync(path).isFile()) throw refuse('it is no file')
    if (!isWritable(path)) throw refuse('the file may only be read')
  }
  // The nearest folder that is there: what is missing below it will be made.
  let folder = dirname(path)
  while (!existsSync(folder)) folder = dirname(folder)
  if (!statSync(folder).isDirectory()) throw refuse(`${folder} is no folder`)
  if (folder.startsWith('/proc') || folder.startsWith('/sys') || !isWritable(folder)) {
    throw refuse(`nothing can be made in ${folder}`)
  }
}

function isWritable(path: string): boolean {
  try {
    accessSync(path, constants.W_OK)
    return true
  } catch {
    return false
  }
}
