import { eq, inArray, isNotNull } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { allOrNone } from './people'
import { drafts, kept, people, plans } from './schema'

/** What was taken away anywhere is gone for good, with everything kept for them; how many they were. */
export async function forgetDeleted(db: Database): Promise<number> {
  const gone = (await run(db.select({ id: people.id }).from(people).where(isNotNull(people.deletedAt)))).map(
    ({ id }) => id,
  )
  if (gone.length === 0) return 0
  const plansLeft = await listPlansWithout(db, gone)
  await allOrNone({ db }, [
    ...plansLeft.map(({ id, document }) => db.update(plans).set({ document }).where(eq(plans.id, id))),
    db.delete(kept).where(inArray(kept.personId, gone)),
    db.delete(drafts).where(inArray(drafts.personId, gone)),
    db.delete(people).where(inArray(people.id, gone)),
  ])
  return gone.length
}

/** The plans that name some people, without them. */
async function listPlansWithout(db: Database, gone: readonly string[]) {
  const away = new Set(gone)
  const rows = await run(db.select().from(plans))
  return rows.flatMap(({ id, document }) => {
    const left = document.people.filter((one) => !away.has(one.id))
    return left.length === document.people.length ? [] : [{ id, document: { ...document, people: left } }]
  })
}
