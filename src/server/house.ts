import { z } from 'zod'
import { database } from '@/db/client'
import { readFact, writeFact } from '@/db/library'
import { text } from '@/formats/fields'
import { type HouseDocument, houseDocument } from '@/formats/house-document'
import { parse } from '@/formats/parse'

/** What a house set for itself: rules otherwise than the defaults, signs that it looks for besides the usual ones. */
const houseSettings = z.object({
  rules: houseDocument.default({}),
  signs: z.array(text(120).trim().min(1, 'a sign of 1 to 120 characters'), { error: 'a list of signs' }).default([]),
  units: z.enum(['metric', 'imperial'], { error: 'metric or imperial' }).default('metric'),
})

export type HouseSettings = { rules: HouseDocument; signs: string[]; units: 'metric' | 'imperial' }

const KEY = 'house'

export async function readHouse(): Promise<HouseSettings> {
  const stored = await readFact(database(), KEY)
  return parse(houseSettings, stored ?? {}, 'house') as HouseSettings
}

/** @throws InputError naming the rule that is out of range */
export async function saveHouse(value: unknown): Promise<HouseSettings> {
  const settings = parse(houseSettings, value, 'house') as HouseSettings
  await writeFact(database(), KEY, settings)
  return settings
}
