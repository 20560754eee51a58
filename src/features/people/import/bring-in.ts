import type { RecordDocument } from '@/documents/record-document'
import type { WholeDocument } from '@/documents/whole-document'
import { ask } from '@/ui/api/ask'

/** What is sent at once, in characters of JSON: well under what the server takes. */
const AT_ONCE = 4_000_000

/** Lists of things by what they weigh, so that each is sent at once. */
export function inParts<T>(all: readonly T[], most = AT_ONCE): T[][] {
  const parts: T[][] = []
  let room = 0
  for (const one of all) {
    const weight = JSON.stringify(one).length
    if (weight > room || parts.length === 0) {
      parts.push([])
      room = most
    }
    parts[parts.length - 1]?.push(one)
    room -= weight
  }
  return parts
}

/** Brings records in, however many, all or none: who that is, by their ids. */
export async function bringInRecords(
  records: readonly RecordDocument[],
  onPart: (done: number) => void,
): Promise<string[]> {
  const id = crypto.randomUUID()
  let sent = 0
  for (const some of inParts(records)) {
    await ask('/api/people/import', 'POST', { import: id, records: some })
    sent += some.length
    onPart(sent / records.length)
  }
  return ask<string[]>('/api/people/import', 'PUT', { import: id, count: records.length })
}

/** Takes back who came in. */
export const takeBackIn = (people: readonly string[]): Promise<void> => ask('/api/people/import', 'DELETE', { people })

export type WholeCame = {
  people: number
  postures: number
  plans: number
  routines: number
  lessons: number
  house: boolean
}

/** Brings a whole house back, all at once; what is there already stays as it is. */
export async function bringInWhole(whole: WholeDocument, onPart: (done: number) => void): Promise<WholeCame> {
  const id = crypto.randomUUID()
  const { people, postures, plans, routines, lessons, house } = whole
  let sent = 0
  for (const some of inParts(people)) {
    await ask('/api/whole', 'POST', { import: id, people: some })
    sent += some.length
    onPart(sent / people.length)
  }
  return ask<WholeCame>('/api/whole', 'PUT', { import: id, postures, plans, routines, lessons, house })
}
