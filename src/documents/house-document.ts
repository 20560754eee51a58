import { z } from 'zod'
import { DEG, HOUSE_KEYS, HOUSE_RULES, type House, type HouseKey, type HouseRule } from '@/core'
import { accepted, type FieldUnit, number } from './fields'

/** How a document writes a unit of the core: what stands in the key, the figure for one, and its unit. */
const WRITTEN: Record<HouseRule['unit'], { suffix: string; one: number; say: FieldUnit }> = {
  m: { suffix: 'M', one: 1, say: 'm' },
  rad: { suffix: 'Deg', one: DEG, say: 'deg' },
  share: { suffix: 'Pct', one: 0.01, say: 'pct' },
  factor: { suffix: '', one: 1, say: 'none' },
}

const tidy = (value: number) => Math.round(value * 1e9) / 1e9

export const houseKeyInDocument = (key: HouseKey): string => key + WRITTEN[HOUSE_RULES[key].unit].suffix

/** A figure of the house as a document holds it, and back. */
export const writeHouse = (key: HouseKey, value: number): number => tidy(value / WRITTEN[HOUSE_RULES[key].unit].one)
export const readHouse = (key: HouseKey, value: number): number => value * WRITTEN[HOUSE_RULES[key].unit].one

/** What a house set otherwise than the defaults; the keys carry their units. */
export const houseDocument = z.looseObject(
  Object.fromEntries(
    HOUSE_KEYS.map((key) => {
      const { min, max, unit } = HOUSE_RULES[key]
      return [houseKeyInDocument(key), number(writeHouse(key, min), writeHouse(key, max), WRITTEN[unit].say).optional()]
    }),
  ),
  { error: accepted('object', { of: 'house' }) },
)

export type HouseDocument = Record<string, number | undefined>

export function toHouse(doc: HouseDocument): Partial<House> {
  const house: Partial<House> = {}
  for (const key of HOUSE_KEYS) {
    const value = doc[houseKeyInDocument(key)]
    if (value !== undefined) house[key] = readHouse(key, value)
  }
  return house
}
