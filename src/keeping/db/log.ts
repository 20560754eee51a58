import { and, asc, eq, gte, lte, type SQL } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { log } from './schema'

export type LogEntry = typeof log.$inferSelect
export type LogPlace = Pick<LogEntry, 'personId' | 'day' | 'groupId' | 'piece'>

const at = ({ personId, day, groupId, piece }: LogPlace): SQL | undefined =>
  and(eq(log.personId, personId), eq(log.day, day), eq(log.groupId, groupId), eq(log.piece, piece))

const inOrder = [asc(log.day), asc(log.personId), asc(log.piece)]

export async function findLogEntry(db: Database, place: LogPlace): Promise<LogEntry | null> {
  const [row] = await run(db.select().from(log).where(at(place)))
  return row ?? null
}

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export async function saveLogEntry(
  db: Database,
  row: Omit<LogEntry, 'revision'>,
  revision: number,
): Promise<LogEntry | null> {
  const values = { ...row, revision: revision + 1 }
  const saved = await run(
    revision === 0
      ? db.insert(log).values(values).onConflictDoNothing().returning()
      : db
          .update(log)
          .set(values)
          .where(and(at(row), eq(log.revision, revision)))
          .returning(),
  )
  return saved[0] ?? null
}

/** Everything that was written down of a group's day. */
export const listLogOfDay = (db: Database, groupId: string, day: string): Promise<LogEntry[]> =>
  run(
    db
      .select()
      .from(log)
      .where(and(eq(log.groupId, groupId), eq(log.day, day)))
      .orderBy(...inOrder),
  )

export const listLogOfPerson = (db: Database, personId: string): Promise<LogEntry[]> =>
  run(
    db
      .select()
      .from(log)
      .where(eq(log.personId, personId))
      .orderBy(...inOrder),
  )

/** A group's log between two days, both included. */
export const listLogOfGroup = (db: Database, groupId: string, from: string, to: string): Promise<LogEntry[]> =>
  run(
    db
      .select()
      .from(log)
      .where(and(eq(log.groupId, groupId), gte(log.day, from), lte(log.day, to)))
      .orderBy(...inOrder),
  )

export const listWholeLog = (db: Database): Promise<LogEntry[]> =>
  run(
    db
      .select()
      .from(log)
      .orderBy(...inOrder),
  )
