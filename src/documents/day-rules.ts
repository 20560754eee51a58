import { z } from 'zod'
import { accepted, flag, keysOf, number } from './fields'

/** The usual reasons to lower a day; any other is in an instructor's own words. */
export const TODAY_REASONS = ['tired', 'sore', 'bad-night'] as const
export type TodayReason = (typeof TODAY_REASONS)[number]

/** What a reason lowers for a day: the usual knee bend to a percentage, arms and holds to at most, a chair. */
export type DayRule = { kneePct: number; armElevationMaxDeg: number; holdMaxS: number; chair: boolean }

/**
 * Defaults of a house. Tired: less of everything. Sore: half the bend and low arms, nothing against standing free. After
 * a bad night balance and attention suffer first: a chair, and less time in one place.
 */
export const DAY_RULES: Readonly<Record<TodayReason, DayRule>> = {
  tired: { kneePct: 67, armElevationMaxDeg: 60, holdMaxS: 10, chair: true },
  sore: { kneePct: 50, armElevationMaxDeg: 45, holdMaxS: 10, chair: false },
  'bad-night': { kneePct: 80, armElevationMaxDeg: 90, holdMaxS: 8, chair: true },
}

export const DAY_RULE_RANGES = {
  kneePct: { min: 20, max: 100, unit: 'pct' },
  armElevationMaxDeg: { min: 10, max: 180, unit: 'deg' },
  holdMaxS: { min: 2, max: 120, unit: 's' },
} as const

const ranged = (key: keyof typeof DAY_RULE_RANGES) => {
  const { min, max, unit } = DAY_RULE_RANGES[key]
  return number(min, max, unit).optional()
}

const dayRule = z
  .looseObject(
    {
      kneePct: ranged('kneePct'),
      armElevationMaxDeg: ranged('armElevationMaxDeg'),
      holdMaxS: ranged('holdMaxS'),
      chair: flag.optional(),
    },
    keysOf('kneePct, armElevationMaxDeg, holdMaxS, chair'),
  )
  .optional()

/** What a house set otherwise than the defaults. */
export const dayRulesDocument = z.looseObject(
  { tired: dayRule, sore: dayRule, 'bad-night': dayRule },
  { error: accepted('object', { of: 'house' }) },
)

export type DayRulesDocument = z.infer<typeof dayRulesDocument>

export const resolveDayRule = (set: DayRulesDocument, reason: TodayReason): DayRule =>
  ({ ...DAY_RULES[reason], ...set[reason] }) as DayRule
