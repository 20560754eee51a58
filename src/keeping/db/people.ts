import { asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import type { BatchItem } from 'drizzle-orm/batch'
import type { RecordDocument } from '@/documents/record-document'
import { run } from './errors'
import { type Here, inSite } from './here'
import { people } from './schema'

export type PersonRow = typeof people.$inferSelect
export type NewPerson = { id: string; record: RecordDocument }

const there = isNull(people.deletedAt)

/** Who is on the list and in which version, without the records: what changed since it was read is asked for by `findPeople`. */
export const listHeads = (here: Here) =>
  run(
    here.db
      .select({ id: people.id, name: people.name, revision: people.revision, updatedAt: people.updatedAt })
      .from(people)
      .where(inSite(here, people, there))
      .orderBy(asc(people.name)),
  )
export type PersonHead = Awaited<ReturnType<typeof listHeads>>[number]

export async function findPeople(here: Here, ids: readonly string[]): Promise<PersonRow[]> {
  const rows: PersonRow[] = []
  for (const some of inParts(ids))
    rows.push(
      ...(await run(
        here.db
          .select()
          .from(people)
          .where(inSite(here, people, inArray(people.id, some))),
      )),
    )
  return rows
}

export const listPeople = (here: Here): Promise<PersonRow[]> =>
  run(
    here.db
      .select()
      .from(people)
      .where(inSite(here, people, there))
      .orderBy(asc(people.name)),
  )

export async function findPerson(here: Here, id: string): Promise<PersonRow | null> {
  const [row] = await run(
    here.db
      .select()
      .from(people)
      .where(inSite(here, people, eq(people.id, id), there)),
  )
  return row ?? null
}

const makeRow = (siteId: string, { id, record }: NewPerson, now: string): PersonRow => ({
  id,
  siteId,
  name: record.name,
  record,
  revision: 1,
  createdAt: now,
  updatedAt: now,
  deletedAt: null,
})

const AT_ONCE = 200

const inParts = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / AT_ONCE) }, (_, i) => all.slice(i * AT_ONCE, (i + 1) * AT_ONCE))

/** Does several statements as one, all or none; nothing where there is nothing to do. */
export async function allOrNone(
  { db }: Pick<Here, 'db'>,
  statements: readonly BatchItem<'sqlite'>[],
): Promise<unknown[]> {
  const [first, ...rest] = statements
  return first ? run(db.batch([first, ...rest])) : []
}

/** Adds people, all or none. `deletedAt`: not there yet, until `bringIn` says so. */
export async function addPeople(
  here: Here,
  added: readonly NewPerson[],
  now: string,
  deletedAt: string | null = null,
): Promise<void> {
  const rows = added.map((one) => ({ ...makeRow(here.site, one, now), deletedAt }))
  await allOrNone(
    here,
    inParts(rows).map((some) => here.db.insert(people).values(some)),
  )
}

/**
 * Puts everybody of an import on the list at once, where there are as many as there should be: who that was, by id; null
 * where some are missing. What was not finished is forgotten as the deleted are.
 */
export async function bringIn(here: Here, mark: string, count: number): Promise<string[] | null> {
  const waiting = here.db
    .select({ n: sql`count(*)` })
    .from(people)
    .where(inSite(here, people, eq(people.deletedAt, mark)))
  const rows = await run(
    here.db
      .update(people)
      .set({ deletedAt: null })
      .where(inSite(here, people, eq(people.deletedAt, mark), sql`(${waiting}) = ${count}`))
      .returning({ id: people.id }),
  )
  return rows.length === count ? rows.map(({ id }) => id) : null
}

const overwrite = (here: Here, { id, record, revision }: SavedPerson, now: string) =>
  here.db
    .update(people)
    .set({ record, name: record.name, revision: revision + 1, updatedAt: now })
    .where(inSite(here, people, eq(people.id, id), eq(people.revision, revision), there))
    .returning()

export type SavedPerson = { id: string; record: RecordDocument; revision: number }

/** Saves a record over the revision that it was made from; null where somebody else saved since. */
export async function savePerson(here: Here, saved: SavedPerson, now: string): Promise<PersonRow | null> {
  const [row] = await run(overwrite(here, saved, now))
  return row ?? null
}

/** Takes a person away, or brings them back; whether there was one to take or bring. */
export async function setDeleted(here: Here, id: string, deletedAt: string | null): Promise<boolean> {
  const rows = await run(
    here.db
      .update(people)
      .set({ deletedAt })
      .where(inSite(here, people, eq(people.id, id), deletedAt === null ? isNotNull(people.deletedAt) : there))
      .returning({ id: people.id }),
  )
  return rows.length > 0
}
