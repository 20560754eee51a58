import { DEG, HOUSE_RULES, type HouseKey, type HouseRule } from '@/core'
import type { FieldUnit } from './fields'

/** How a document writes a unit of the core: what stands in the key, the figure for one, and its unit. */
export const WRITTEN: Record<HouseRule['unit'], { suffix: string; one: number; say: FieldUnit }> = {
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
