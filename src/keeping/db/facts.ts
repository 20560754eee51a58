import { eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { facts } from './schema'

/** Keeps a single fact about this database, once. */
export async function keepFact(db: Database, key: string, value: unknown): Promise<void> {
  await run(
    db
      .insert(facts)
      .values({ key, value: JSON.stringify(value) })
      .onConflictDoNothing(),
  )
}

/** Sets a single fact, whatever it was. */
export async function setFact(db: Database, key: string, value: unknown): Promise<void> {
  const text = JSON.stringify(value)
  await run(
    db
      .insert(facts)
      .values({ key, value: text })
      .onConflictDoUpdate({ target: facts.key, set: { value: text } }),
  )
}

/** A fact as it was kept; null where there is none. */
export async function findFact(db: Database, key: string): Promise<unknown> {
  const [row] = await run(db.select().from(facts).where(eq(facts.key, key)))
  return row ? JSON.parse(row.value) : null
}
