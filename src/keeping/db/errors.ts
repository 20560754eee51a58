import { DrizzleQueryError } from 'drizzle-orm'

/** A database that this program cannot or must not use, with the reason in one line. */
export class DatabaseError extends Error {}

/** The file is not where it was opened: nothing is written any more, and this says what to do. */
export class MovedError extends DatabaseError {}

/**
 * A query that failed. It carries the cause alone: what was asked for holds people's health data, and errors end in logs.
 */
export class StorageError extends Error {
  constructor(reason: unknown) {
    const told =
      reason instanceof MovedError ? reason.message : `the database did not answer (${describeCause(reason)})`
    super(`${told}; nothing was changed`)
  }
}

/** Waits for a query; where it fails, its words and parameters go no further. @throws StorageError */
export async function run<T>(query: PromiseLike<T>): Promise<T> {
  try {
    return await query
  } catch (error) {
    throw new StorageError(error instanceof DrizzleQueryError ? error.cause : error)
  }
}

/** A code such as SQLITE_FULL: messages can quote what was stored. */
function describeCause(error: unknown): string {
  if (typeof error === 'string') return error
  const { code, name } = error as { code?: unknown; name?: unknown }
  return typeof code === 'string' ? code : typeof name === 'string' ? name : 'unknown'
}
