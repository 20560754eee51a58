import { and, eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { HERE, sites } from './schema'

/** What a site set for itself, as it is kept, and how often it was saved; 0: never. */
export type SiteHouse = { house: string | null; revision: number }

export async function readSiteHouse(db: Database): Promise<SiteHouse> {
  const [row] = await run(
    db.select({ house: sites.house, revision: sites.revision }).from(sites).where(eq(sites.id, HERE)),
  )
  return row ?? { house: null, revision: 0 }
}

/** Saves over the revision that it was made from; whether nobody else saved since. */
export async function writeSiteHouse(db: Database, value: unknown, revision: number): Promise<boolean> {
  const rows = await run(putSiteHouse(db, value, revision))
  return rows.length > 0
}

/** The statement that does so. */
export const putSiteHouse = (db: Database, value: unknown, revision: number) =>
  db
    .update(sites)
    .set({ house: JSON.stringify(value), revision: revision + 1 })
    .where(and(eq(sites.id, HERE), eq(sites.revision, revision)))
    .returning({ id: sites.id })
