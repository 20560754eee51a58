import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import type { RecordDocument } from '@/formats/record-document'
import type { Database } from './client'
import { people } from './schema'

export type PersonRow = typeof people.$inferSelect
export type NewPerson = { id: string; record: RecordDocument }

const there = isNull(people.deletedAt)

export const listPeople = (db: Database): Promise<PersonRow[]> =>
  db.select().from(people).where(there).orderBy(asc(people.name))

export async function findPerson(db: Database, id: string): Promise<PersonRow | null> {
  const [row] = await db
    .select()
    .from(people)
    .where(and(eq(people.id, id), there))
  return row ?? null
}

const makeRow = ({ id, record }: NewPerson, now: string): PersonRow => ({
  id,
  name: record.name,
  record,
  revision: 1,
  createdAt: now,
  updatedAt: now,
  deletedAt: null,
})

const AT_ONCE = 200

/** Adds people, all or none. */
export async function addPeople(db: Database, added: readonly NewPerson[], now: string): Promise<void> {
  await db.transaction(async (tx) => {
    for (let i = 0; i < added.length; i += AT_ONCE) {
      await tx.insert(people).values(added.slice(i, i + AT_ONCE).map((one) => makeRow(one, now)))
    }
  })
}

/** Saves a record over the revision that it was made from; null where somebody else saved since. */
export async function savePerson(
  db: Database,
  id: string,
  record: RecordDocument,
  revision: number,
  now: string,
): Promise<PersonRow | null> {
  const [row] = await db
    .update(people)
    .set({ record, name: record.name, revision: revision + 1, updatedAt: now })
    .where(and(eq(people.id, id), eq(people.revision, revision), there))
    .returning()
  return row ?? null
}

/** Saves several records, all or none; the ids of those that somebody else saved since. */
export async function savePeople(
  db: Database,
  saved: readonly { id: string; record: RecordDocument; revision: number }[],
  now: string,
): Promise<void> {
  await db.transaction(async (tx) => {
    for (const { id, record, revision } of saved) {
      await tx
        .update(people)
        .set({ record, name: record.name, revision: revision + 1, updatedAt: now })
        .where(and(eq(people.id, id), eq(people.revision, revision), there))
    }
  })
}

/** Takes a person away, or brings them back; whether there was one to take or bring. */
export async function setDeleted(db: Database, id: string, deletedAt: string | null): Promise<boolean> {
  const rows = await db
    .update(people)
    .set({ deletedAt })
    .where(and(eq(people.id, id), deletedAt === null ? isNotNull(people.deletedAt) : there))
    .returning({ id: people.id })
  return rows.length > 0
}

/** What was taken away is gone for good: with everything kept for them, and overwritten in the file. */
export async function forgetDeleted(db: Database): Promise<number> {
  const gone = await db.select({ id: people.id }).from(people).where(isNotNull(people.deletedAt))
  if (gone.length === 0) return 0
  await db.run(sql`pragma secure_delete = on`)
  await db.delete(people).where(
    inArray(
      people.id,
      gone.map(({ id }) => id),
    ),
  )
  return gone.length
}
