import { eq } from 'drizzle-orm'
import type { Database } from '../client'
import { run } from '../errors'
import { facts, groups, people } from '../schema'
import { DEMO_GROUPS } from './make-person'
import { DEMO_PEOPLE } from './people'

const PUT_IN = 'demo people'

/** Puts the demo people in, once: what was changed or taken away since then stays so. */
export async function putInDemo(db: Database, now: Date): Promise<void> {
  const [done] = await run(db.select().from(facts).where(eq(facts.key, PUT_IN)))
  if (done) return
  const at = now.toISOString()
  const rows = DEMO_PEOPLE.map(({ id, make }) => {
    const record = make(now)
    return { id, name: record.name, record, createdAt: at, updatedAt: at }
  })
  await run(
    db.batch([
      db.insert(groups).values(DEMO_GROUPS).onConflictDoNothing(),
      db.insert(people).values(rows),
      db.insert(facts).values({ key: PUT_IN, value: JSON.stringify(at) }),
    ]),
  )
}
