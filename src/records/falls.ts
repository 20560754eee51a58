import type { RecordDocument, TestId } from '@/documents/record-document'
import { monthsBefore } from './due'

/** What was told is of the year before. */
const TOLD_MONTHS = 12

export type FallsTold = RecordDocument['falls'][number]

/** Timed stands that say how somebody stands, whatever they told. */
const STANDS: readonly TestId[] = ['side-by-side', 'semi-tandem', 'tandem', 'one-leg-left', 'one-leg-right']

/** The last answer about falls that still counts on a day; null where nobody asked within the year. */
export const findFalls = ({ falls }: RecordDocument, on: string): FallsTold | null =>
  falls.findLast((told) => told.on <= on && told.on > monthsBefore(on, TOLD_MONTHS)) ?? null

/** Whether somebody fell and has not been timed standing since: they begin seated, or with a hand. No limit by itself. */
export function beginsWithHand(record: RecordDocument, on: string): boolean {
  const told = findFalls(record, on)
  if (!told || told.times === 0) return false
  return !record.tests.some(({ test, on: timed }) => STANDS.includes(test) && timed >= told.on && timed <= on)
}
