import { decide, listConcerns, USUAL_PRACTICE } from '@/core'
import type { LogDocument, LogRow } from '@/documents/log-document'
import { listClassDays } from '@/teaching/practice/class-days'
import type { Words } from './language'
import { sayConcern, sayReason } from './practice'

export const DECISIONS_FORMAT = 'nivrel.decisions/1'

/** What next week is for everybody of a log, by the usual rules; in the order in which they come there. */
export function decisionsDocument({ rows }: LogDocument, on: string, words: Words) {
  // Two people may have one name.
  const ofRow = ({ person, personId }: LogRow) => personId ?? person
  const people = new Map(rows.map((row) => [ofRow(row), row.person]))
  return {
    format: DECISIONS_FORMAT,
    on,
    people: [...people].map(([of, person]) => {
      const days = listClassDays(rows.filter((row) => ofRow(row) === of))
      const { way, reasons, grave } = decide(days, on, USUAL_PRACTICE, null)
      return {
        person,
        ...(of !== person && { personId: of }),
        classes: days.filter(({ came }) => came).length,
        decision: way,
        grave: grave.map((reason) => ({ ...reason, text: sayReason(reason, words) })),
        reasons: reasons.map((reason) => ({ ...reason, text: sayReason(reason, words) })),
        concerns: listConcerns(days, USUAL_PRACTICE).map((concern) => ({
          ...concern,
          text: sayConcern(concern, words),
        })),
      }
    }),
  }
}
