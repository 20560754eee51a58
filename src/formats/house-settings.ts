import { z } from 'zod'
import { type HouseWays, houseWays } from './choices-document'
import { type DayRulesDocument, dayRulesDocument } from './day-rules'
import { filledText, list, oneOf } from './fields'
import { type HouseDocument, houseDocument } from './house-document'

/** What a house set for itself: rules otherwise than the defaults, signs that it looks for besides the usual ones. */
export const houseSettings = z.object({
  rules: houseDocument.default({}),
  signs: list(filledText(120), 'signs').default([]),
  /** What a bad day lowers, otherwise than the defaults. */
  days: dayRulesDocument.default({}),
  units: oneOf(['metric', 'imperial']).default('metric'),
  /** How one goes from stance to stance, otherwise than the schools do. */
  ways: houseWays.default({}),
})

export type HouseChoices = {
  rules: HouseDocument
  days: DayRulesDocument
  signs: string[]
  units: 'metric' | 'imperial'
  ways: HouseWays
}
