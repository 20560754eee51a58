import type { LimitEntry, RecordDocument, TestId } from '@/documents/record-document'
import { type Binding, bindLimits } from './binding'
import { findForbids } from './may-test'

/** What is due, and since when: a first test in place of the estimate, a limit's review, a test, a weighing, falls asked for again. */
export type Due = { since: string } & (
  | { kind: 'first' | 'weigh' | 'falls' }
  | { kind: 'review'; limit: LimitEntry }
  | { kind: 'test'; test: TestId }
)

const OLD_MONTHS = 6
/** Falls are asked for at the start and every quarter. */
const ASKED_MONTHS = 3

/** The same day a number of months earlier; a day that month has not is its last. */
export function monthsBefore(day: string, months: number): string {
  const date = new Date(`${day}T00:00:00Z`)
  const wanted = date.getUTCDate()
  date.setUTCDate(1)
  date.setUTCMonth(date.getUTCMonth() - months)
  const last = new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + 1, 0)).getUTCDate()
  date.setUTCDate(Math.min(wanted, last))
  return date.toISOString().slice(0, 10)
}

/** The tests that put a measure in the place of the estimate from age. */
const REPLACE_ESTIMATE: readonly TestId[] = ['functional-reach', 'lean-range']

/** Somebody of whom only an estimate is known has the first test due, with what it would replace. */
function listFirst({ tests, body, measured }: RecordDocument, bindings: readonly Binding[]): Due[] {
  if (tests.some(({ test }) => REPLACE_ESTIMATE.includes(test)) || body.usableAlong !== undefined) return []
  if (findForbids('functional-reach', bindings)) return []
  return [{ kind: 'first', since: measured.massKg?.on ?? '' }]
}

/**
 * What is due on a day: a first test, a review date that passed, a test or measure older than six months. The oldest
 * first.
 */
export function listDue(record: RecordDocument, on: string): Due[] {
  const old = monthsBefore(on, OLD_MONTHS)
  const reviews = record.limits.flatMap((limit): Due[] =>
    limit.reviewOn && limit.reviewOn <= on ? [{ kind: 'review', limit, since: limit.reviewOn }] : [],
  )
  const bindings = bindLimits(record.limits)
  const last = new Map<TestId, string>()
  for (const { test, on: done } of record.tests) if (done > (last.get(test) ?? '')) last.set(test, done)
  const tests = [...last].flatMap(([test, done]): Due[] =>
    done < old && !findForbids(test, bindings) ? [{ kind: 'test', test, since: done }] : [],
  )
  const mass = record.measured.massKg?.on
  const weighed: Due[] = mass && mass < old ? [{ kind: 'weigh', since: mass }] : []
  const asked = record.falls.at(-1)?.on ?? ''
  const falls: Due[] = asked < monthsBefore(on, ASKED_MONTHS) ? [{ kind: 'falls', since: asked }] : []
  return [...listFirst(record, bindings), ...reviews, ...tests, ...weighed, ...falls].sort((a, b) =>
    a.since.localeCompare(b.since),
  )
}
