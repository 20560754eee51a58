import { asc, eq, isNull, sql } from 'drizzle-orm'
import type { WholePerson, WholeRest } from '@/documents/whole-document'
import { run } from './errors'
import { type Here, inSite } from './here'
import { allOrNone } from './people'
import { decisions, drafts, kept, lessons, log, people, plans, postures, routines } from './schema'
import { putSiteHouse } from './sites'

/** Every row that is not about to be forgotten. */
export async function readRows(here: Here) {
  const [persons, stances, benches, library, classes, ways, taught, written, decided] = await Promise.all([
    run(
      here.db
        .select()
        .from(people)
        .where(inSite(here, people, isNull(people.deletedAt)))
        .orderBy(asc(people.name), asc(people.id)),
    ),
    run(here.db.select().from(kept).where(inSite(here, kept)).orderBy(asc(kept.createdAt), asc(kept.id))),
    run(here.db.select().from(drafts).where(inSite(here, drafts))),
    run(here.db.select().from(postures).where(inSite(here, postures)).orderBy(asc(postures.id))),
    run(here.db.select().from(plans).where(inSite(here, plans))),
    run(here.db.select().from(routines).where(inSite(here, routines)).orderBy(asc(routines.id))),
    run(here.db.select().from(lessons).where(inSite(here, lessons)).orderBy(asc(lessons.day), asc(lessons.groupId))),
    run(here.db.select().from(log).where(inSite(here, log)).orderBy(asc(log.day), asc(log.groupId), asc(log.piece))),
    run(here.db.select().from(decisions).where(inSite(here, decisions)).orderBy(asc(decisions.day))),
  ])
  return { persons, stances, benches, library, classes, ways, taught, written, decided }
}

/** Somebody who comes in, what was written down of them by the ids of groups. */
export type StagedPerson = Pick<WholePerson, 'id' | 'createdAt' | 'record' | 'kept' | 'draft' | 'decisions'> & {
  log: Pick<typeof log.$inferInsert, 'day' | 'groupId' | 'piece' | 'title' | 'body'>[]
}

/** Rows that go in with one statement. */
const MANY = 100
const inParts = <T>(rows: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(rows.length / MANY) }, (_, i) => rows.slice(i * MANY, (i + 1) * MANY))

/**
 * Takes people with what was kept for them, under a mark until `endWhole`. Whoever is on the list already stays as they
 * are; whoever was deleted and is not forgotten yet comes back as they are here.
 */
export async function stageWhole(here: Here, added: readonly StagedPerson[], mark: string, now: string): Promise<void> {
  const siteId = here.site
  await allOrNone(
    here,
    added.map(({ id, createdAt, record }) =>
      here.db
        .insert(people)
        .values({ id, siteId, name: record.name, record, createdAt, updatedAt: now, deletedAt: mark })
        .onConflictDoUpdate({
          target: people.id,
          set: { name: record.name, record, updatedAt: now, deletedAt: mark },
          setWhere: inSite(here, people, sql`${people.deletedAt} is not null`),
        }),
    ),
  )
  const staged = await run(
    here.db
      .select({ id: people.id })
      .from(people)
      .where(inSite(here, people, eq(people.deletedAt, mark))),
  )
  const coming = new Set(staged.map(({ id }) => id))
  await allOrNone(
    here,
    added
      .filter(({ id }) => coming.has(id))
      .flatMap(({ id: personId, kept: stances, draft, log: rows, decisions: made }) => [
        ...stances.map((one) =>
          here.db
            .insert(kept)
            .values({ ...one, siteId, personId })
            .onConflictDoNothing(),
        ),
        ...(draft
          ? [
              here.db
                .insert(drafts)
                .values({ ...draft, siteId, personId })
                .onConflictDoNothing(),
            ]
          : []),
        ...inParts(rows).map((some) =>
          here.db
            .insert(log)
            .values(some.map((row) => ({ ...row, siteId, personId, updatedAt: now })))
            .onConflictDoNothing(),
        ),
        ...made.map(({ day, document }) =>
          here.db.insert(decisions).values({ siteId, personId, day, document, updatedAt: now }).onConflictDoNothing(),
        ),
      ]),
  )
}

export type WholeEnd = {
  people: number
  postures: number
  plans: number
  routines: number
  lessons: number
  house: boolean
}

/** What a house has besides its people, its plans by the id of their group. */
export type WholeEnding = Pick<WholeRest, 'postures' | 'routines' | 'house'> & {
  lessons: (Pick<WholeRest['lessons'][number], 'day' | 'document'> & { groupId: string })[]
  plans: (Pick<WholeRest['plans'][number], 'posture' | 'document'> & { groupId: string })[]
}

/** Puts everything on its place at once; what is there already stays as it is. What of it came in. */
export async function endWhole(here: Here, rest: WholeEnding, mark: string, now: string): Promise<WholeEnd> {
  const siteId = here.site
  const library = rest.postures.map(({ id, document }) =>
    here.db
      .insert(postures)
      .values({ id, siteId, document, updatedAt: now })
      .onConflictDoNothing()
      .returning({ id: postures.id }),
  )
  const classes = rest.plans.map(({ groupId, posture, document }) =>
    here.db
      .insert(plans)
      .values({ id: crypto.randomUUID(), siteId, groupId, posture, document, updatedAt: now })
      .onConflictDoNothing()
      .returning({ id: plans.id }),
  )
  const ways = rest.routines.map(({ id, document }) =>
    here.db
      .insert(routines)
      .values({ id, siteId, document, updatedAt: now })
      .onConflictDoNothing()
      .returning({ id: routines.id }),
  )
  const hours = rest.lessons.map(({ groupId, day, document }) =>
    here.db
      .insert(lessons)
      .values({ id: crypto.randomUUID(), siteId, groupId, day, document, updatedAt: now })
      .onConflictDoNothing()
      .returning({ id: lessons.id }),
  )
  const house = rest.house ? [putSiteHouse(here, rest.house, 0)] : []
  const arrived = here.db
    .update(people)
    .set({ deletedAt: null })
    .where(inSite(here, people, eq(people.deletedAt, mark)))
    .returning({ id: people.id })
  const parts = [[arrived], library, classes, ways, hours, house]
  const answers = (await allOrNone(here, parts.flat())) as unknown[][]
  /** How many rows of a part came in. */
  const count = (part: number) => {
    const from = parts.slice(0, part).flat().length
    return answers.slice(from, from + (parts[part]?.length ?? 0)).flat().length
  }
  return {
    people: count(0),
    postures: count(1),
    plans: count(2),
    routines: count(3),
    lessons: count(4),
    house: count(5) > 0,
  }
}
