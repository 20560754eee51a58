import { readFigure } from '@/documents/read-figure'

/** How heights and masses are said, chosen once for a house; typed, each may name its own unit. */
export type BodyUnits = 'metric' | 'imperial'

const METRES_IN_INCH = 0.0254
const KG_IN_POUND = 0.45359237
const INCHES_IN_FOOT = 12
const POUNDS_IN_STONE = 14

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`
const FEET = new RegExp(
  String.raw`^${NUMBER}\s*(?:['’′]|ft\.?|feet|foot)\s*(?:${NUMBER}\s*(?:["”″]|''|in\.?|inch(?:es)?)?)?$`,
  'i',
)
const SPACED = /^(\d)\s+(\d{1,2}(?:[.,]\d+)?)$/
const INCHES = new RegExp(String.raw`^${NUMBER}\s*(?:["”″]|in\.?|inch(?:es)?)$`, 'i')
const METRES = new RegExp(String.raw`^${NUMBER}\s*(m|cm)\.?$`, 'i')
const MASS = new RegExp(String.raw`^${NUMBER}\s*(kg|kgs|kilos?|lbs?|pounds?|#)\.?$`, 'i')
const STONE = new RegExp(String.raw`^${NUMBER}\s*st(?:one)?\.?\s*(?:${NUMBER}\s*(?:lbs?|pounds?)?)?$`, 'i')

/** A figure that was written, in metres or kilograms, and the system that its unit tells; null where it tells none. */
export type Written = { value: number; units: BodyUnits | null }

const feet = (whole: string, inches = '0') => (readFigure(whole) * INCHES_IN_FOOT + readFigure(inches)) * METRES_IN_INCH

/**
 * A height as people write it: 5'4", 5 ft 4 in, 64 in, 1.62 m, 1,62, 162 cm. A bare figure below 3 is metres; other bare
 * ones are read in `units`. NaN for what is none.
 */
export function readHeight(typed: string, units: BodyUnits): Written {
  const text = typed.trim()
  const inFeet = FEET.exec(text)
  if (inFeet) return { value: feet(inFeet[1] as string, inFeet[2]), units: 'imperial' }
  const inInches = INCHES.exec(text)
  if (inInches) return { value: readFigure(inInches[1] as string) * METRES_IN_INCH, units: 'imperial' }
  const metric = METRES.exec(text)
  if (metric) {
    const one = metric[2]?.toLowerCase() === 'm' ? 1 : 0.01
    return { value: readFigure(metric[1] as string) * one, units: 'metric' }
  }
  const spaced = units === 'imperial' && SPACED.exec(text)
  if (spaced) return { value: feet(spaced[1] as string, spaced[2]), units: 'imperial' }
  const bare = readFigure(text)
  if (bare > 0 && bare < 3) return { value: bare, units: 'metric' }
  if (bare >= 100) return { value: bare / 100, units: 'metric' }
  return { value: units === 'metric' ? bare / 100 : Number.NaN, units: null }
}

/**
 * A mass as people write it: 61,2 kg, 135 lb, 9 st 8. A bare one is read in `units`; with a decimal comma it is
 * kilograms, which nobody writes pounds with. NaN for what is none.
 */
export function readMass(typed: string, units: BodyUnits): Written {
  const text = typed.trim()
  const named = MASS.exec(text)
  if (named) {
    const isMetric = /^k/i.test(named[2] as string)
    return {
      value: readFigure(named[1] as string) * (isMetric ? 1 : KG_IN_POUND),
      units: isMetric ? 'metric' : 'imperial',
    }
  }
  const stone = STONE.exec(text)
  if (stone) {
    const pounds = readFigure(stone[1] as string) * POUNDS_IN_STONE + readFigure(stone[2] ?? '0')
    return { value: pounds * KG_IN_POUND, units: 'imperial' }
  }
  const isMetric = units === 'metric' || text.includes(',')
  return { value: readFigure(text) * (isMetric ? 1 : KG_IN_POUND), units: text.includes(',') ? 'metric' : null }
}

/**
 * Height and mass of one person together, in metres and kilograms: a bare mass is read in the system in which the
 * height is written. `massUnits`: what the heading of its column says.
 */
export function readBody(
  { height, mass }: { height: string; mass: string },
  units: BodyUnits,
  massUnits: BodyUnits | null = null,
): { statureM: number; massKg: number } {
  const stature = readHeight(height, units)
  return { statureM: stature.value, massKg: readMass(mass, massUnits ?? stature.units ?? units).value }
}

/** A height as said: 162 cm, or 5 ft 4 in. */
export function sayHeight(metres: number, units: BodyUnits): string {
  if (units === 'metric') return `${Math.round(metres * 100)} cm`
  const inches = Math.round(metres / METRES_IN_INCH)
  return `${Math.floor(inches / INCHES_IN_FOOT)} ft ${inches % INCHES_IN_FOOT} in`
}

export const sayMass = (kg: number, units: BodyUnits): string =>
  units === 'metric' ? `${Math.round(kg)} kg` : `${Math.round(kg / KG_IN_POUND)} lb`

/** In what small lengths of a body are measured, and how metres are said and read in it. */
export const smallUnit = (units: BodyUnits) => {
  const unit = units === 'metric' ? 'cm' : 'in'
  const inCm = units === 'metric' ? 1 : METRES_IN_INCH * 100
  return {
    unit,
    fromMetres: (metres: number) => (metres * 100) / inCm,
    toMetres: (figure: number) => (figure * inCm) / 100,
  }
}

/** A length of the body to a tenth, as somebody measures it: 24.6 cm, or 9.7 in. */
export function sayBodyLength(metres: number, units: BodyUnits): string {
  const { unit, fromMetres } = smallUnit(units)
  return `${round(fromMetres(metres))} ${unit}`
}
const round = (value: number) => Math.round(value * 10) / 10
