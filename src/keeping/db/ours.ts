import { existsSync, statSync } from 'node:fs'
import Libsql from 'libsql'
import { DatabaseError } from './errors'

export const APPLIED = '__drizzle_migrations'
/** The mark in the head of a database file that says whose it is: "NIVR". */
export const APPLICATION_ID = 0x4e495652

export const LIST_TABLES =
  "select name from sqlite_master where type = 'table' and name not like 'sqlite\\_%' escape '\\'"

/**
 * Checks that a database is empty or Nivrel's: by its mark, or by the tables of a version that left none.
 * @param mark 0 where nothing is marked
 * @throws DatabaseError where it is neither
 */
export function requireOurs(tables: readonly string[], mark: number): void {
  if (tables.length === 0 || mark === APPLICATION_ID) return
  if (mark === 0 && [APPLIED, 'people', 'facts'].every((name) => tables.includes(name))) return
  throw new DatabaseError(
    'the database is another program’s, and was left as it was; name another with NIVREL_DATABASE_URL',
  )
}

/** Looks at a file before anything of it is changed. @throws DatabaseError where it is another program's, or no database */
export function lookAt(path: string): void {
  if (!existsSync(/* turbopackIgnore: true */ path) || statSync(/* turbopackIgnore: true */ path).size === 0) return
  const { tables, mark } = readHead(path)
  requireOurs(tables, mark)
}

function readHead(path: string): { tables: string[]; mark: number } {
  const file = new Libsql(path, { readonly: true } as never)
  try {
    const tables = (file.prepare(LIST_TABLES).all() as { name: string }[]).map(({ name }) => name)
    const { application_id: mark } = file.prepare('pragma application_id').get() as { application_id: number }
    return { tables, mark }
  } catch {
    throw new DatabaseError(`the database at ${path} cannot be opened or written: the file is no database`)
  } finally {
    file.close()
  }
}
