import { type DayRulesDocument, resolveDayRule, TODAY_REASONS, type TodayReason } from '@/documents/day-rules'
import type { PainPlace } from '@/documents/pain-places'
import type { RecordDocument, TodayEntry } from '@/documents/record-document'
import { bindLimits, findToday } from './binding'

/** A day's knee bend is a part of this where nobody set another. */
const USUAL_KNEE = 37.5
const SOFTEST = 10

const isUsual = (reason: string): reason is TodayReason => (TODAY_REASONS as readonly string[]).includes(reason)

/** What of a day is spared of whoever is sore there alone: arms of a sore knee, knees of a sore shoulder. */
const LEGS: ReadonlySet<PainPlace> = new Set(['knee', 'hip', 'ankle', 'foot'])
const ARMS: ReadonlySet<PainPlace> = new Set(['shoulder', 'neck'])

/**
 * What one press lowers, by the house's rule for the reason; any other reason counts as tired. Whoever is sore in one
 * place is lowered where that place is asked for; where nobody said where, everywhere.
 */
export function proposeToday(
  record: RecordDocument,
  reason: string,
  on: string,
  rules: DayRulesDocument = {},
  at?: PainPlace,
): TodayEntry {
  const rule = resolveDayRule(rules, isUsual(reason) ? reason : 'tired')
  const bindings = bindLimits(record.limits)
  const least = (what: string, usual: number) =>
    Math.min(usual, ...bindings.filter((binding) => binding.what === what).map(({ entry }) => Number(entry.value)))
  const knee = least('kneeFlexionMaxDeg', USUAL_KNEE)
  return {
    on,
    reason,
    ...(at && { at }),
    ...(!(at && ARMS.has(at)) && {
      kneeFlexionMaxDeg: Math.max(SOFTEST, Math.round((knee * rule.kneePct) / 100)),
    }),
    ...(!(at && LEGS.has(at)) && { armElevationMaxDeg: least('armElevationMaxDeg', rule.armElevationMaxDeg) }),
    holdMaxS: least('holdMaxS', rule.holdMaxS),
    ...(rule.chair && { support: 'chair-back' }),
  }
}

/** Lowers a day; nothing that was said before is overwritten. */
export const lowerToday = (record: RecordDocument, entry: TodayEntry): RecordDocument => ({
  ...record,
  today: [...record.today, entry],
})

/** Takes the day's lowering back. */
export const liftToday = (record: RecordDocument, on: string): RecordDocument => ({
  ...record,
  today: record.today.filter((entry) => entry.on !== on),
})

/** How somebody is on a day, as a roll call marks it. */
export const MARKS = ['here', 'away', ...TODAY_REASONS] as const
export type Mark = (typeof MARKS)[number]

export const isAway = ({ away }: RecordDocument, on: string): boolean => away.includes(on)

/** The mark of a day; null where the day was lowered for a reason of its own. */
export function readMark(record: RecordDocument, on: string): Mark | null {
  if (isAway(record, on)) return 'away'
  const reason = findToday(record, on)?.reason
  if (reason === undefined) return 'here'
  return isUsual(reason) ? reason : null
}

/** Marks somebody for a day. Whoever was away and comes is as the day had them; whoever is marked here again, as usual. */
export function markDay(
  record: RecordDocument,
  mark: Mark,
  on: string,
  rules: DayRulesDocument = {},
  at?: PainPlace,
): RecordDocument {
  if (mark === readMark(record, on) && (at === undefined || at === findToday(record, on)?.at)) return record
  if (mark === 'away') return { ...record, away: [...record.away, on] }
  const wasAway = isAway(record, on)
  const here = { ...record, away: record.away.filter((day) => day !== on) }
  if (mark === 'here') return wasAway ? here : liftToday(here, on)
  return lowerToday(liftToday(here, on), proposeToday(here, mark, on, rules, at))
}
