import type { RecordDocument, TodayEntry } from '@/formats/record-document'
import { bindLimits } from './binding'

/** The usual reasons; any other is in an instructor's own words. */
export const TODAY_REASONS = ['tired', 'sore', 'bad-night'] as const

const USUAL = { knee: 25, arms: 60, hold: 10 }
const SOFTEST = 10

/** What one press lowers: a third off the knee bend, arms below the shoulders, short holds, a chair. */
export function proposeToday(record: RecordDocument, reason: string, on: string): TodayEntry {
  const bindings = bindLimits(record.limits)
  const least = (what: string, usual: number) =>
    Math.min(usual, ...bindings.filter((binding) => binding.what === what).map(({ entry }) => Number(entry.value)))
  const knee = least('kneeFlexionMaxDeg', USUAL.knee * 1.5)
  return {
    on,
    reason,
    kneeFlexionMaxDeg: Math.max(SOFTEST, Math.round((knee * 2) / 3)),
    armElevationMaxDeg: least('armElevationMaxDeg', USUAL.arms),
    holdMaxS: least('holdMaxS', USUAL.hold),
    support: 'chair-back',
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
