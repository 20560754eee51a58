import { z } from 'zod'
import { HOUSE_KEYS, HOUSE_RULES, type House } from '@/core'
import { accepted, number } from './fields'
import { houseKeyInDocument, readHouse, WRITTEN, writeHouse } from './house-keys'

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
