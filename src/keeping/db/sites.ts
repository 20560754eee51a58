import { and, eq } from 'drizzle-orm'
import { run } from './errors'
import type { Here } from './here'
import { sites } from './schema'

/** What a site set for itself, as it is kept, and how often it was saved; 0: never. */
export type SiteHouse = { house: string | null; revision: number }

export async function readSiteHouse(here: Here): Promise<SiteHouse> {
  const [row] = await run(
    here.db.select({ house: sites.house, revision: sites.revision }).from(sites).where(eq(sites.id, here.site)),
  )
  return row ?? { house: null, revision: 0 }
}

/** Saves over the revision that it was made from; whether nobody else saved since. */
export async function writeSiteHouse(here: Here, value: unknown, revision: number): Promise<boolean> {
  const rows = await run(putSiteHouse(here, value, revision))
  return rows.length > 0
}

/** The statement that does so. */
export const putSiteHouse = (here: Here, value: unknown, revision: number) =>
  here.db
    .update(sites)
    .set({ house: JSON.stringify(value), revision: revision + 1 })
    .where(and(eq(sites.id, here.site), eq(sites.revision, revision)))
    .returning({ id: sites.id })
