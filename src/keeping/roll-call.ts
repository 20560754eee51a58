import { z } from 'zod'
import { list, oneOf, text } from '@/documents/fields'
import { PAIN_PLACES } from '@/documents/pain-places'
import { parse } from '@/documents/parse'
import { MARKS, markDay } from '@/records/today'
import { today } from './clock'
import { ConflictError } from './conflict'
import { readHouse } from './house'
import { readRecord, saveRecord } from './people'

const marking = z.object({
  marks: list(z.object({ person: text(80), mark: oneOf(MARKS), at: oneOf(PAIN_PLACES).optional() }), 'people'),
})

/** Somebody may save the same record meanwhile: a mark is only put on what is there then. */
const TRIES = 4

/** Marks people for today. @throws InputError naming the person who is not known or the mark */
export async function callRoll(value: unknown): Promise<void> {
  const { marks } = parse(marking, value)
  const [{ days }, day] = await Promise.all([readHouse(), today()])
  for (const { person, mark, at } of marks) await putMark(person, (record) => markDay(record, mark, day, days, at))
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
