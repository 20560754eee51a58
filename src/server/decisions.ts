import { z } from 'zod'
import { database } from '@/db/client'
import { type DecisionRow, listDecisionsOf, putDecision } from '@/db/decisions'
import { type DecisionDocument, decisionDocument } from '@/formats/decision-document'
import { text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import { day as dayField } from '@/formats/record-document'
import { now } from './clock'
import { readRecord } from './people'
import { readKept } from './set-aside'

/** What was decided for somebody on a day. */
export type Decided = { person: string; day: string; document: DecisionDocument }

const deciding = z.object({ person: text(80), day: dayField, document: decisionDocument })

const toDecided = ({ personId, day, document: raw }: DecisionRow): Decided[] => {
  const { value } = readKept(decisionDocument, raw, { what: 'decision', id: personId, name: day })
  return value ? [{ person: personId, day, document: value }] : []
}

export const readDecisionsOf = async (personId: string): Promise<Decided[]> =>
  (await listDecisionsOf(database(), personId)).flatMap(toDecided)

/** Keeps what was decided. @throws InputError naming the field, or a person who is not known */
export async function keepDecision(value: unknown): Promise<Decided> {
  const { person, day, document } = parse(deciding, value)
  await readRecord(person)
  await putDecision(database(), { personId: person, day, document, updatedAt: now() })
  return { person, day, document }
}
