import { asc, eq } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { decisions } from './schema'

export type DecisionRow = typeof decisions.$inferSelect

export const listDecisionsOf = (here: Here, personId: string): Promise<DecisionRow[]> =>
  run(
    here.db
      .select()
      .from(decisions)
      .where(inSite(here, decisions, eq(decisions.personId, personId)))
      .orderBy(asc(decisions.day)),
  )

export const listDecisions = (here: Here): Promise<DecisionRow[]> =>
  run(here.db.select().from(decisions).where(inSite(here, decisions)).orderBy(asc(decisions.day)))

/** One a day: another of the same day goes over it. */
export const putDecision = (here: Here, row: Omit<DecisionRow, 'siteId'>): Promise<unknown> =>
  run(
    here.db
      .insert(decisions)
      .values({ ...row, siteId: here.site })
      .onConflictDoUpdate({ target: [decisions.personId, decisions.day], set: row, setWhere: inSite(here, decisions) }),
  )
