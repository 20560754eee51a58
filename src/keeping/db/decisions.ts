import { asc, eq } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { decisions } from './schema'

export type DecisionRow = typeof decisions.$inferSelect

export const listDecisionsOf = (db: Database, personId: string): Promise<DecisionRow[]> =>
  run(db.select().from(decisions).where(eq(decisions.personId, personId)).orderBy(asc(decisions.day)))

export const listDecisions = (db: Database): Promise<DecisionRow[]> =>
  run(db.select().from(decisions).orderBy(asc(decisions.day)))

/** One a day: another of the same day goes over it. */
export const putDecision = (db: Database, row: DecisionRow): Promise<unknown> =>
  run(
    db
      .insert(decisions)
      .values(row)
      .onConflictDoUpdate({ target: [decisions.personId, decisions.day], set: row }),
  )
