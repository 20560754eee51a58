import { and, asc, eq, gte, lte, type SQL } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { log } from './schema'

export type LogEntry = typeof log.$inferSelect
export type LogPlace = Pick<LogEntry, 'personId' | 'day' | 'groupId' | 'piece'>

const at = ({ personId, day, groupId, piece }: LogPlace): SQL | undefined =>
  and(eq(log.personId, personId), eq(log.day, day), eq(log.groupId, groupId), eq(log.piece, piece))

const inOrder = [asc(log.day), asc(log.personId), asc(log.piece)]

export async function findLogEntry(here: Here, place: LogPlace): Promise<LogEntry | null> {
  const [row] = await run(
    here.db
      .select()
      .from(log)
      .where(inSite(here, log, at(place))),
  )
  return row ?? null
}

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export async function saveLogEntry(
  here: Here,
  row: Omit<LogEntry, 'revision' | 'siteId'>,
  revision: number,
): Promise<LogEntry | null> {
  const values = { ...row, siteId: here.site, revision: revision + 1 }
  const saved = await run(
    revision === 0
      ? here.db.insert(log).values(values).onConflictDoNothing().returning()
      : here.db
          .update(log)
          .set(values)
          .where(inSite(here, log, at(row), eq(log.revision, revision)))
          .returning(),
  )
  return saved[0] ?? null
}

/** Everything that was written down of a group's day. */
export const listLogOfDay = (here: Here, groupId: string, day: string): Promise<LogEntry[]> =>
  run(
    here.db
      .select()
      .from(log)
      .where(inSite(here, log, eq(log.groupId, groupId), eq(log.day, day)))
      .orderBy(...inOrder),
  )

export const listLogOfPerson = (here: Here, personId: string): Promise<LogEntry[]> =>
  run(
    here.db
      .select()
      .from(log)
      .where(inSite(here, log, eq(log.personId, personId)))
      .orderBy(...inOrder),
  )

/** A group's log between two days, both included. */
export const listLogOfGroup = (here: Here, groupId: string, from: string, to: string): Promise<LogEntry[]> =>
  run(
    here.db
      .select()
      .from(log)
      .where(inSite(here, log, eq(log.groupId, groupId), gte(log.day, from), lte(log.day, to)))
      .orderBy(...inOrder),
  )

export const listWholeLog = (here: Here): Promise<LogEntry[]> =>
  run(
    here.db
      .select()
      .from(log)
      .where(inSite(here, log))
      .orderBy(...inOrder),
  )
