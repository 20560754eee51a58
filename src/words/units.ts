import { type Body, PROPORTIONS } from '@/core'

/** How lengths are said. */
export const LENGTH_UNITS = ['cm', 'in', 'feet', 'fists', 'shoulders'] as const
export type LengthUnit = (typeof LENGTH_UNITS)[number]

export const UNIT_NAMES: Record<LengthUnit, string> = {
  cm: 'centimetres',
  in: 'inches',
  feet: 'foot lengths',
  fists: 'fists',
  shoulders: 'shoulder widths',
}

/** Metres in one of a unit; the last three are the person's own. */
export function metresIn(unit: LengthUnit, body: Body): number {
  const sizes: Record<LengthUnit, number> = {
    cm: 0.01,
    in: 0.0254,
    feet: body.footLength,
    fists: PROPORTIONS.fist * body.stature,
    shoulders: body.shoulderWidth,
  }
  return sizes[unit]
}

/** What a nudge is in a unit. */
export const stepOf = (unit: LengthUnit): number => (unit === 'cm' ? 1 : unit === 'in' ? 0.5 : 0.1)

/** A length in a unit, as the screen says it. */
export function sayLength(metres: number, unit: LengthUnit, body: Body): string {
  const value = (metres / metresIn(unit, body)).toFixed(unit === 'cm' || unit === 'in' ? 1 : 2)
  return `${value.replace(/\.0+$/, '')} ${unit}`
}
