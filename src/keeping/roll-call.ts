import { z } from 'zod'
import { list, oneOf, text } from '@/documents/fields'
import { PAIN_PLACES } from '@/documents/pain-places'
import { parse } from '@/documents/parse'
import { MARKS, markDay } from '@/records/today'
import { today } from './clock'
import { ConflictError } from './conflict'
import { findFact, setFact } from './db/facts'
import { requireGroup } from './groups'
import { here } from './here'
import { readHouse } from './house'
import { listRecords, readRecord, saveRecord } from './people'

const marking = z.object({
  marks: list(z.object({ person: text(80), mark: oneOf(MARKS), at: oneOf(PAIN_PLACES).optional() }), 'people'),
  /** The group whose roll is called with it: whoever is in it now and not marked away is here. */
  called: text(80).optional(),
})

/** The last roll of a group. */
const roll = z.object({ day: z.string(), people: z.array(z.string()) })
const rollOf = (group: string) => `roll ${group}`

/** Somebody may save the same record meanwhile: a mark is only put on what is there then. */
const TRIES = 4

/** Marks people for today, and calls a group's roll. @throws InputError naming the person or group not known, or the mark */
export async function callRoll(value: unknown): Promise<void> {
  const { marks, called } = parse(marking, value)
  const [{ days }, day] = await Promise.all([readHouse(), today()])
  for (const { person, mark, at } of marks) await putMark(person, (record) => markDay(record, mark, day, days, at))
  if (called === undefined) return
  await requireGroup(called)
  const people = (await listRecords()).filter(({ record }) => !record.archived && record.groups.includes(called))
  await setFact((await here()).db, rollOf(called), { day, people: people.map(({ id }) => id) })
}

/** Who was in a group when its roll was called on a day; null where it was not. */
export async function readRoll(group: string, day: string): Promise<string[] | null> {
  const { data } = roll.safeParse(await findFact((await here()).db, rollOf(group)))
  return data?.day === day ? data.people : null
}

async function putMark(id: string, change: (record: Awaited<ReturnType<typeof readRecord>>['record']) => unknown) {
  for (let attempt = 1; ; attempt++) {
    const { record, revision } = await readRecord(id)
    const marked = change(record)
    if (marked === record) return
    try {
      await saveRecord(id, { revision, record: marked })
      return
    } catch (error) {
      if (!(error instanceof ConflictError) || attempt === TRIES) throw error
    }
  }
}
