import { LOWERED_KEYS, type Side } from '@/core'
import { LIMIT_WHATS, type LimitWhat, rowOf, whatOf } from '@/documents/limit-fields'
import type { LimitEntry, RecordDocument } from '@/documents/record-document'
import { isStricter } from './stricter'

/** The limit that binds, for one side or for both, and the others that were said about the same thing. */
export type Binding = {
  what: LimitWhat
  side?: Side
  entry: LimitEntry
  outranked: LimitEntry[]
  /** Why the day lowered it, where it did. */
  today?: string
  /** Its review is past: it binds until somebody has looked at it. */
  overdue?: boolean
}

const SIDES: readonly Side[] = ['left', 'right']

/**
 * Which of everything that was said binds: a clinician's order outranks the rest, the latest of several; without one,
 * the strictest of what each source said last. An entry without a side is meant for both.
 */
export function bindLimits(limits: readonly LimitEntry[]): Binding[] {
  const bindings: Binding[] = []
  for (const what of LIMIT_WHATS) {
    const said = limits.filter((entry) => entry.what === what)
    if (said.length === 0) continue
    if (rowOf(what).per === 'whole') {
      bindings.push({ what, ...bind(said) })
      continue
    }
    const [left, right] = SIDES.map((side) => said.filter((entry) => !entry.side || entry.side === side))
    const [forLeft, forRight] = [left, right].map((entries) => (entries?.length ? bind(entries) : null))
    if (forLeft && forLeft.entry === forRight?.entry) bindings.push({ what, ...forLeft })
    else {
      if (forLeft) bindings.push({ what, side: 'left', ...forLeft })
      if (forRight) bindings.push({ what, side: 'right', ...forRight })
    }
  }
  return bindings
}

function bind(said: readonly LimitEntry[]): { entry: LimitEntry; outranked: LimitEntry[] } {
  const orders = said.filter(({ source }) => source.kind === 'clinician')
  const last = new Map<string, LimitEntry>()
  for (const entry of said) {
    const { kind } = entry.source
    const before = last.get(kind)
    if (!before || entry.on >= before.on) last.set(kind, entry)
  }
  const entry =
    orders.length > 0
      ? (last.get('clinician') as LimitEntry)
      : [...last.values()].reduce((a, b) => (isStricter(b, a) ? b : a))
  return { entry, outranked: said.filter((other) => other !== entry) }
}

/** What was lowered on a day; the last word of that day counts. */
export const findToday = (record: RecordDocument, on: string) =>
  record.today.findLast((entry) => entry.on === on) ?? null

/** The day's lowering as limits that come on top: it only ever allows less. */
function lowerFor(record: RecordDocument, on: string): LimitEntry[] {
  const today = findToday(record, on)
  if (!today) return []
  const source = { kind: 'instructor' as const }
  return LOWERED_KEYS.flatMap((key): LimitEntry[] => {
    const what = whatOf(key)
    const value = today[what] as LimitEntry['value'] | undefined
    return value === undefined ? [] : [{ what, value, source, on }]
  })
}

const isPast = ({ reviewOn }: LimitEntry, on: string): boolean => reviewOn !== undefined && reviewOn < on

/** The limits that apply on a day: what binds, or what the day lowered where that allows less. */
export function bindOnDay(record: RecordDocument, on: string): Binding[] {
  const standing = bindLimits(record.limits).map((one) => (isPast(one.entry, on) ? { ...one, overdue: true } : one))
  const lowered = lowerFor(record, on)
  const reason = findToday(record, on)?.reason
  const why = reason === undefined ? {} : { today: reason }
  const bindings = standing.map((binding) => {
    const today = lowered.find(({ what }) => what === binding.what)
    if (!today || !isStricter(today, binding.entry)) return binding
    return { ...binding, ...why, entry: today, outranked: [binding.entry, ...binding.outranked] }
  })
  for (const entry of lowered) {
    const { what } = entry
    const there = standing.filter((binding) => binding.what === what)
    if (there.length === 0) bindings.push({ what, entry, ...why, outranked: [] })
    // Only one side had a limit of its own: the other is lowered too.
    const [only] = there
    if (there.length === 1 && only?.side) {
      bindings.push({ what, side: only.side === 'left' ? 'right' : 'left', entry, ...why, outranked: [] })
    }
  }
  return bindings
}
