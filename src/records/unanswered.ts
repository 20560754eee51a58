import type { Side } from '@/core'
import type { RecordDocument } from '@/documents/record-document'
import { listUnanswered } from './conditions'

/** What nobody answered of somebody: a usual caution of a condition, or a note that came in with a list, in its words. */
export type Unanswered = { condition: string; caution: string; side?: Side } | { note: string }

/** As long as there is one, a verdict on them is close at best. */
export const readUnanswered = (record: RecordDocument): Unanswered[] => [
  ...listUnanswered(record).map(({ condition, caution, side }) => ({
    condition: condition.id,
    caution: caution.id,
    ...(side && { side }),
  })),
  ...(record.noteOpen && record.notes ? [{ note: record.notes }] : []),
]
