import { asc, eq } from 'drizzle-orm'
import type { Database } from './client'
import { people } from './schema'

export type PersonRow = typeof people.$inferSelect

export const listPeople = (db: Database): Promise<PersonRow[]> => db.select().from(people).orderBy(asc(people.name))

export async function findPerson(db: Database, id: string): Promise<PersonRow | null> {
  const [row] = await db.select().from(people).where(eq(people.id, id))
  return row ?? null
}

export async function addPerson(db: Database, row: PersonRow): Promise<void> {
  await db.insert(people).values(row)
}
