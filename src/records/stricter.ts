import { SUPPORTS_BY_HELP } from '@/core'
import { rowOf } from '@/documents/limit-fields'
import type { LimitEntry } from '@/documents/record-document'

/** A limit's figure in the order of its kind; of a support, how much it helps; of what applies, whether it does. */
function rank({ value }: LimitEntry): number {
  if (typeof value === 'string') return (SUPPORTS_BY_HELP as readonly string[]).indexOf(value)
  return Number(value)
}

/** Whether one limit allows less than another of the same kind. */
export function isStricter(a: LimitEntry, b: LimitEntry): boolean {
  const { unit, stricter } = rowOf(a.what)
  if (unit === 'flag') return a.value === true && b.value === false
  return stricter === 'lower' ? rank(a) < rank(b) : rank(a) > rank(b)
}
