import { z } from 'zod'
import { text } from './fields'

/** Depths of a knee's bend that one says aloud, from the highest stance to the lowest. */
export const BENDS = ['straight', 'soft', 'quarter', 'third', 'half', 'low'] as const
export type Bend = (typeof BENDS)[number]

/** Up to how many degrees each goes; the last goes on. */
const UP_TO_DEG = [8, 18, 28, 42, 58] as const

/** The depth of a bend of so many whole degrees. */
export const bendOf = (degrees: number): Bend => BENDS[UP_TO_DEG.filter((most) => degrees >= most).length] as Bend

/** From and up to how many degrees each is. */
export const bendRange = (bend: Bend): [from: number, to: number | null] => {
  const at = BENDS.indexOf(bend)
  return [UP_TO_DEG[at - 1] ?? 0, UP_TO_DEG[at] ?? null]
}

/** What a house says of them in its own words; what it left out is said as usual. */
export const bendsDocument = z.partialRecord(z.enum(BENDS), text(40))
export type BendsDocument = Partial<Record<Bend, string>>
