import { z } from 'zod'
import { filledText, list, oneOf } from './fields'
import { type HouseDocument, houseDocument } from './house-document'

/** What a house set for itself: rules otherwise than the defaults, signs that it looks for besides the usual ones. */
export const houseSettings = z.object({
  rules: houseDocument.default({}),
  signs: list(filledText(120), 'signs').default([]),
  units: oneOf(['metric', 'imperial']).default('metric'),
})

export type HouseChoices = { rules: HouseDocument; signs: string[]; units: 'metric' | 'imperial' }
