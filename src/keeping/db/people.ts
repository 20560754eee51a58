import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import type { BatchItem } from 'drizzle-orm/batch'
import type { RecordDocument } from '@/documents/record-document'
import type { Database } from './client'
import { run } from './errors'
import { drafts, HERE, kept, people, plans } from './schema'

export type PersonRow = typeof people.$inferSelect
export type NewPerson = { id: string; record: RecordDocument }

const there = isNull(people.deletedAt)

/** Who is on the list and in which version, without the records: what changed since it was read is asked for by `findPeople`. */
export const listHeads = (db: Database) =>
  run(
    db
      .select({ id: people.id, name: people.name, revision: people.revision, updatedAt: people.updatedAt })
      .from(people)
      .where(there)
      .orderBy(asc(people.name)),
  )
export type PersonHead = Awaited<ReturnType<typeof listHeads>>[number]

export async function findPeople(db: Database, ids: readonly string[]): Promise<PersonRow[]> {
  const rows: PersonRow[] = []
  for (const some of inParts(ids)) rows.push(...(await run(db.select().from(people).where(inArray(people.id, some)))))
  return rows
}

export const listPeople = (db: Database): Promise<PersonRow[]> =>
  run(db.select().from(people).where(there).orderBy(asc(people.name)))

export async function findPerson(db: Database, id: string): Promise<PersonRow | null> {
  const [row] = await run(
    db
      .select()
      .from(people)
      .where(and(eq(people.id, id), there)),
  )
  return row ?? null
}

const makeRow = ({ id, record }: NewPerson, now: string): PersonRow => ({
  id,
  siteId: HERE,
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
export async function allOrNone(db: Database, statements: readonly BatchItem<'sqlite'>[]): Promise<unknown[]> {
  const [first, ...rest] = statements
  return first ? run(db.batch([first, ...rest])) : []
}

/** Adds people, all or none. `deletedAt`: not there yet, until `bringIn` says so. */
export async function addPeople(
  db: Database,
  added: readonly NewPerson[],
  now: string,
  deletedAt: string | null = null,
): Promise<void> {
  const rows = added.map((one) => ({ ...makeRow(one, now), deletedAt }))
  await allOrNone(
    db,
    inParts(rows).map((some) => db.insert(people).values(some)),
  )
}

/**
 * Puts everybody of an import on the list at once, where there are as many as there should be: who that was, by id; null
 * where some are missing. What was not finished is forgotten as the deleted are.
 */
export async function bringIn(db: Database, mark: string, count: number): Promise<string[] | null> {
  const waiting = db.select({ n: sql`count(*)` }).from(people).where(eq(people.deletedAt, mark))
  const rows = await run(
    db
      .update(people)
      .set({ deletedAt: null })
      .where(and(eq(people.deletedAt, mark), sql`(${waiting}) = ${count}`))
      .returning({ id: people.id }),
  )
  return rows.length === count ? rows.map(({ id }) => id) : null
}

const overwrite = (db: Database, { id, record, revision }: SavedPerson, now: string) =>
  db
    .update(people)
    .set({ record, name: record.name, revision: revision + 1, updatedAt: now })
    .where(and(eq(people.id, id), eq(people.revision, revision), there))
    .returning()

export type SavedPerson = { id: string; record: RecordDocument; revision: number }

/** Saves a record over the revision that it was made from; null where somebody else saved since. */
export async function savePerson(db: Database, saved: SavedPerson, now: string): Promise<PersonRow | null> {
  const [row] = await run(overwrite(db, saved, now))
  return row ?? null
}

/** Takes a person away, or brings them back; whether there was one to take or bring. */
export async function setDeleted(db: Database, id: string, deletedAt: string | null): Promise<boolean> {
  const rows = await run(
    db
      .update(people)
      .set({ deletedAt })
      .where(and(eq(people.id, id), deletedAt === null ? isNotNull(people.deletedAt) : there))
      .returning({ id: people.id }),
  )
  return rows.length > 0
}

/** What was taken away is gone for good, with everything kept for them; how many they were. */
export async function forgetDeleted(db: Database): Promise<number> {
  const gone = (await run(db.select({ id: people.id }).from(people).where(isNotNull(people.deletedAt)))).map(
    ({ id }) => id,
  )
  if (gone.length === 0) return 0
  const plansLeft = await listPlansWithout(db, gone)
  await allOrNone(db, [
    ...plansLeft.map(({ id, document }) => db.update(plans).set({ document }).where(eq(plans.id, id))),
    db.delete(kept).where(inArray(kept.personId, gone)),
    db.delete(drafts).where(inArray(drafts.personId, gone)),
    db.delete(people).where(inArray(people.id, gone)),
  ])
  return gone.length
}

/** The plans that name some people, without them. */
async function listPlansWithout(db: Database, gone: readonly string[]) {
  const away = new Set(gone)
  const rows = await run(db.select().from(plans))
  return rows.flatMap(({ id, document }) => {
    const left = document.people.filter((one) => !away.has(one.id))
    return left.length === document.people.length ? [] : [{ id, document: { ...document, people: left } }]
  })
}
