import { asc, eq, isNull, sql } from 'drizzle-orm'
import type { WholePerson, WholeRest } from '@/formats/whole-document'
import type { Database } from './client'
import { run } from './errors'
import { allOrNone } from './people'
import { drafts, kept, people, plans, postures, routines } from './schema'
import { putSiteHouse } from './sites'

/** Every row that is not about to be forgotten. */
export async function readRows(db: Database) {
  const [persons, stances, benches, library, classes, ways] = await Promise.all([
    run(db.select().from(people).where(isNull(people.deletedAt)).orderBy(asc(people.name), asc(people.id))),
    run(db.select().from(kept).orderBy(asc(kept.createdAt), asc(kept.id))),
    run(db.select().from(drafts)),
    run(db.select().from(postures).orderBy(asc(postures.id))),
    run(db.select().from(plans)),
    run(db.select().from(routines).orderBy(asc(routines.id))),
  ])
  return { persons, stances, benches, library, classes, ways }
}

/**
 * Takes people with what was kept for them, under a mark until `endWhole`. Whoever is on the list already stays as they
 * are; whoever was deleted and is not forgotten yet comes back as they are here.
 */
export async function stageWhole(
  db: Database,
  added: readonly WholePerson[],
  mark: string,
  now: string,
): Promise<void> {
  await allOrNone(
    db,
    added.map(({ id, createdAt, record }) =>
      db
        .insert(people)
        .values({ id, name: record.name, record, createdAt, updatedAt: now, deletedAt: mark })
        .onConflictDoUpdate({
          target: people.id,
          set: { name: record.name, record, updatedAt: now, deletedAt: mark },
          setWhere: sql`${people.deletedAt} is not null`,
        }),
    ),
  )
  const staged = await run(db.select({ id: people.id }).from(people).where(eq(people.deletedAt, mark)))
  const coming = new Set(staged.map(({ id }) => id))
  await allOrNone(
    db,
    added
      .filter(({ id }) => coming.has(id))
      .flatMap(({ id: personId, kept: stances, draft }) => [
        ...stances.map((one) =>
          db
            .insert(kept)
            .values({ ...one, personId })
            .onConflictDoNothing(),
        ),
        ...(draft
          ? [
              db
                .insert(drafts)
                .values({ ...draft, personId })
                .onConflictDoNothing(),
            ]
          : []),
      ]),
  )
}

export type WholeEnd = { people: number; postures: number; plans: number; routines: number; house: boolean }

/** What a house has besides its people, its plans by the id of their group. */
export type WholeEnding = Pick<WholeRest, 'postures' | 'routines' | 'house'> & {
  plans: (Pick<WholeRest['plans'][number], 'posture' | 'document'> & { groupId: string })[]
}

/** Puts everything on its place at once; what is there already stays as it is. What of it came in. */
export async function endWhole(db: Database, rest: WholeEnding, mark: string, now: string): Promise<WholeEnd> {
  const library = rest.postures.map(({ id, document }) =>
    db.insert(postures).values({ id, document, updatedAt: now }).onConflictDoNothing().returning({ id: postures.id }),
  )
  const classes = rest.plans.map(({ groupId, posture, document }) =>
    db
      .insert(plans)
      .values({ id: crypto.randomUUID(), groupId, posture, document, updatedAt: now })
      .onConflictDoNothing()
      .returning({ id: plans.id }),
  )
  const ways = rest.routines.map(({ id, document }) =>
    db.insert(routines).values({ id, document, updatedAt: now }).onConflictDoNothing().returning({ id: routines.id }),
  )
  const house = rest.house ? [putSiteHouse(db, rest.house, 0)] : []
  const arrived = db
    .update(people)
    .set({ deletedAt: null })
    .where(eq(people.deletedAt, mark))
    .returning({ id: people.id })
  const answers = (await allOrNone(db, [arrived, ...library, ...classes, ...ways, ...house])) as unknown[][]
  const count = (from: number, length: number) => answers.slice(from, from + length).flat().length
  return {
    people: count(0, 1),
    postures: count(1, library.length),
    plans: count(1 + library.length, classes.length),
    routines: count(1 + library.length + classes.length, ways.length),
    house: count(1 + library.length + classes.length + ways.length, house.length) > 0,
  }
}
