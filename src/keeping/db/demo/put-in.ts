import { eq } from 'drizzle-orm'
import { buildPosture, postureOf } from '@/core'
import { fromStance } from '@/documents/from-core'
import type { RecordDocument } from '@/documents/record-document'
import { bodyOf } from '@/documents/to-core'
import type { Database } from '../client'
import { run } from '../errors'
import { firstSite, inSite } from '../here'
import { drafts, facts, groups, HERE, lessons, log, people } from '../schema'
import { makeHistory } from './history'
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
    return { id, siteId: HERE, name: record.name, record, createdAt: at, updatedAt: at }
  })
  await run(
    db.batch([
      db
        .insert(groups)
        .values(DEMO_GROUPS.map((one) => ({ ...one, siteId: HERE })))
        .onConflictDoNothing(),
      db.insert(people).values(rows),
      db.insert(drafts).values(onBenchLast(rows, at)),
      db.insert(facts).values({ key: PUT_IN, value: JSON.stringify(at) }),
    ]),
  )
}

/** Who was on the bench last: the first page opens with somebody whose knee says no, and with what helps her. */
function onBenchLast(rows: readonly { id: string; record: RecordDocument }[], at: string) {
  const { id, record } = rows.find((one) => one.id === 'odalys-marrin') as (typeof rows)[number]
  const [posture, school] = ['bow', 'long-upright'] as const
  const body = bodyOf(record.body)
  const stance = fromStance(buildPosture(postureOf(posture), body, school, 'left'))
  return { siteId: HERE, personId: id, posture, school, stance, updatedAt: at }
}

const HISTORY = 'demo history'
/** Rows that go in with one statement. */
const MANY = 200

/** Eight weeks of lessons and what was written down of them, for those of the demo who are there still; once. */
export async function putInHistory(db: Database, now: Date): Promise<void> {
  const [done] = await run(db.select().from(facts).where(eq(facts.key, HISTORY)))
  if (done) return
  const at = now.toISOString()
  const there = await run(
    db
      .select({ id: people.id, record: people.record })
      .from(people)
      .where(inSite(firstSite(db), people)),
  )
  const members = there.flatMap(({ id, record }) => {
    const [group] = record.groups ?? []
    return group && DEMO_PEOPLE.some((one) => one.id === id) ? [{ id, group, mass: record.body.massKg }] : []
  })
  const history = makeHistory(members, now)
  const rows = history.rows.map((row) => ({ ...row, siteId: HERE, updatedAt: at }))
  const parts = Array.from({ length: Math.ceil(rows.length / MANY) }, (_, i) => rows.slice(i * MANY, (i + 1) * MANY))
  await run(
    db.batch([
      db.insert(facts).values({ key: HISTORY, value: JSON.stringify(at) }),
      db
        .insert(lessons)
        .values(history.lessons.map((one) => ({ ...one, id: crypto.randomUUID(), siteId: HERE, updatedAt: at })))
        .onConflictDoNothing(),
      ...parts.map((part) => db.insert(log).values(part).onConflictDoNothing()),
    ]),
  )
}
