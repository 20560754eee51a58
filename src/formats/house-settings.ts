import { z } from 'zod'
import { text } from './fields'
import { type HouseDocument, houseDocument } from './house-document'

/** What a house set for itself: rules otherwise than the defaults, signs that it looks for besides the usual ones. */
export const houseSettings = z.object({
  rules: houseDocument.default({}),
  signs: z.array(text(120).trim().min(1, 'a sign of 1 to 120 characters'), { error: 'a list of signs' }).default([]),
  units: z.enum(['metric', 'imperial'], { error: 'metric or imperial' }).default('metric'),
})

export type HouseChoices = { rules: HouseDocument; signs: string[]; units: 'metric' | 'imperial' }
