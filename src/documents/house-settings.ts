import { z } from 'zod'
import { SCHOOL_IDS, type SchoolId } from '@/core'
import { type BendsDocument, bendsDocument } from './bends'
import { type HouseWays, houseWays } from './choices-document'
import { type DayRulesDocument, dayRulesDocument } from './day-rules'
import { filledText, list, number, oneOf, text } from './fields'
import { type HouseDocument, houseDocument } from './house-document'
import { type PracticeDocument, practiceDocument } from './practice-rules'

/** What a house set for itself: rules otherwise than the defaults, signs that it looks for besides the usual ones. */
export const houseSettings = z.object({
  /** What it is called; '' where nobody said. */
  name: text(80).default(''),
  /** Chairs that there are, and the floor from side to side and ahead, metres; left out where nobody counted. */
  chairs: number(0, 500).optional(),
  roomM: z.tuple([number(1, 100), number(1, 100)]).optional(),
  rules: houseDocument.default({}),
  signs: list(filledText(120), 'signs').default([]),
  /** What a bad day lowers, otherwise than the defaults. */
  days: dayRulesDocument.default({}),
  units: oneOf(['metric', 'imperial']).default('metric'),
  /** How deep a knee bends, in its own words. */
  bends: bendsDocument.default({}),
  /** The frame that bench and class begin with. */
  school: oneOf(SCHOOL_IDS).default('therapeutic'),
  /** How one goes from stance to stance, otherwise than the schools do. */
  ways: houseWays.default({}),
  /** When next week is harder, and how much more is a lot, otherwise than the defaults. */
  practice: practiceDocument.default({}),
  /** What to do in an emergency, in the house's own words; empty: the usual ones. */
  emergency: text(1000).default(''),
})

/** What a hall has. */
export type Hall = { chairs?: number | undefined; roomM?: [number, number] | undefined }

export type HouseChoices = Hall & {
  name: string
  rules: HouseDocument
  days: DayRulesDocument
  signs: string[]
  units: 'metric' | 'imperial'
  bends: BendsDocument
  school: SchoolId
  ways: HouseWays
  practice: PracticeDocument
  emergency: string
}
