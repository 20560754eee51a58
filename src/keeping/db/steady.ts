import type { Client, InArgs, InStatement, ResultSet } from '@libsql/client'
import { DatabaseError } from './errors'
import type { Place } from './place'

/** How long a save waits for another program to let go of the file, and how often it looks. */
const PATIENCE_MS = 8000
const LOOK_EVERY_MS = 40

/** What is not kept in the file and has to be said on each new connection. */
const PRAGMAS = 'pragma synchronous = full; pragma foreign_keys = on; pragma secure_delete = on'
/** Takes the lock for writing and lets go of it: fails, leaving nothing behind, while somebody else holds it. */
const PROBE = 'begin immediate; rollback'

/**
 * A client of a local file that loses nothing when the file is locked. A statement that meets a lock leaves the
 * connection with an unfinished statement, and every later save on it would be rolled back at its end though it was
 * answered; so a connection that met one is replaced at once, and what was asked for is tried again. Writes come one
 * after another, each in a transaction of its own; none where the file is not the one that was opened any more.
 * @param onMoved what the first of them is told then, and each that follows
 */
export function makeSteady(client: Client, place: Place, onMoved: (client: Client) => Promise<Error>): Client {
  let moved: Promise<Error> | null = null
  let last: Promise<unknown> = Promise.resolve()

  /** One write after another, whatever became of the one before. */
  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const mine = last.then(work, work)
    last = mine.catch(() => {})
    return mine
  }

  const renew = async () => {
    await client.reconnect()
    await client.executeMultiple(PRAGMAS)
  }

  const patiently = async <T>(work: () => Promise<T>): Promise<T> => {
    const until = performance.now() + PATIENCE_MS
    for (;;) {
      try {
        return await work()
      } catch (error) {
        if (!isBusy(error)) throw error
        await renew()
        if (performance.now() >= until) throw error
        await new Promise((done) => setTimeout(done, LOOK_EVERY_MS))
      }
    }
  }

  const write = <T>(work: () => Promise<T>): Promise<T> =>
    inTurn(() =>
      patiently(async () => {
        if (!moved && !place.isHere()) moved = onMoved(client)
        if (moved) throw await moved
        await client.executeMultiple(PROBE)
        return work()
      }),
    )

  const batch: Client['batch'] = (statements) => write(() => client.batch(statements, 'write'))

  async function execute(statement: InStatement | string, args?: InArgs): Promise<ResultSet> {
    const one: InStatement = typeof statement === 'string' ? { sql: statement, ...(args && { args }) } : statement
    const sql = typeof one === 'string' ? one : one.sql
    if (/^\s*(select|pragma|vacuum)\b/i.test(sql)) return patiently(() => client.execute(one))
    const [result] = await batch([one])
    return result as ResultSet
  }

  return {
    execute,
    batch,
    migrate: (statements) => write(() => client.migrate(statements)),
    executeMultiple: (sql) => write(() => client.executeMultiple(sql)),
    transaction: () => Promise.reject(new DatabaseError('a batch takes the place of a transaction that is held open')),
    sync: () => client.sync(),
    close: () => client.close(),
    reconnect: renew,
    get closed() {
      return client.closed
    },
    protocol: client.protocol,
  } as Client
}

/** Locked by somebody else, or closed under it by a connection that was just replaced. */
const isBusy = (error: unknown): boolean => {
  const { code } = error as { code?: string }
  return code === 'SQLITE_BUSY' || code === 'SQLITE_LOCKED' || code === 'CLIENT_CLOSED'
}

/** Brings a fresh connection to what every one must be: written ahead, and really on the disk when it is answered. */
export async function settleFile(client: Client): Promise<void> {
  await client.execute('pragma journal_mode = wal')
  await client.executeMultiple(PRAGMAS)
}
