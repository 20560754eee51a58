import { and, eq, type SQL } from 'drizzle-orm'
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core'
import type { Database } from './client'
import { HERE } from './schema'

/** Where something is read or written: the database, the site, and who is signed in; null where nobody has to be. */
export type Here = { db: Database; site: string; who: string | null }

/** The first site of a database, with nobody signed in. */
export const firstSite = (db: Database): Here => ({ db, site: HERE, who: null })

/** The condition of every query: of what a site owns, and whatever is asked besides. */
export const inSite = ({ site }: Here, table: { siteId: SQLiteColumn }, ...besides: (SQL | undefined)[]): SQL =>
  and(eq(table.siteId, site), ...besides) as SQL
