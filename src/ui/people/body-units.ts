import { readFigure } from '@/formats/read-figure'

/** How heights and masses are typed and said, chosen once for a house. */
export type BodyUnits = 'metric' | 'imperial'

const METRES_IN_INCH = 0.0254
const KG_IN_POUND = 0.45359237
const INCHES_IN_FOOT = 12

/** A height as typed, in metres: centimetres, or feet and inches (5'4", 5 ft 4, 5 4). NaN for what is none. */
export function parseHeight(text: string, units: BodyUnits): number {
  if (units === 'metric') return readFigure(text) / 100
  const match = /^\s*(\d+)\s*(?:['’′]|ft|feet|\s)\s*(\d+(?:[.,]\d+)?)?\s*(?:["”″]|''|in|inches)?\s*$/i.exec(text)
  if (!match) return Number.NaN
  return (Number(match[1]) * INCHES_IN_FOOT + readFigure(match[2] ?? '0')) * METRES_IN_INCH
}

export const parseMass = (text: string, units: BodyUnits): number =>
  readFigure(text) * (units === 'metric' ? 1 : KG_IN_POUND)

/** A height as said: 162 cm, or 5 ft 4 in. */
export function sayHeight(metres: number, units: BodyUnits): string {
  if (units === 'metric') return `${Math.round(metres * 100)} cm`
  const inches = Math.round(metres / METRES_IN_INCH)
  return `${Math.floor(inches / INCHES_IN_FOOT)} ft ${inches % INCHES_IN_FOOT} in`
}

export const sayMass = (kg: number, units: BodyUnits): string =>
  units === 'metric' ? `${Math.round(kg)} kg` : `${Math.round(kg / KG_IN_POUND)} lb`
