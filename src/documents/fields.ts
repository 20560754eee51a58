import { z } from 'zod'
import type { Accepts } from '@/core'

/**
 * What a check accepts, as the message of its schema: a code with what it names, which `parse` reads back. Whoever
 * shows it puts it into words.
 */
export const accepted = (code: string, values: Omit<Accepts, 'code'> = {}): string =>
  JSON.stringify({ code, ...values })

/** What a figure is in. */
export type FieldUnit =
  | 'm'
  | 'deg'
  | 'pct'
  | 'kg'
  | 's'
  | 'years'
  | 'ofPart'
  | 'ofStature'
  | 'shoulders'
  | 'breadths'
  | 'none'

/** A finite number within a range. */
export function number(min: number, max: number, unit: FieldUnit = 'none') {
  const range = accepted('range', { min, max, unit })
  return z.number({ error: range }).min(min, range).max(max, range)
}

export function oneOf<const T extends readonly [string, ...string[]]>(values: T) {
  return z.enum(values, { error: accepted('oneOf', { values: values.join(', ') }) })
}

const PLACE_MOST = 100
const coordinate = z.number().min(-PLACE_MOST).max(PLACE_MOST)
const point = accepted('point', { most: PLACE_MOST })

export const point2 = z.tuple([coordinate, coordinate], { error: point })
export const point3 = z.tuple([coordinate, coordinate, coordinate], { error: point })

export const text = (most: number) => {
  const long = accepted('text', { most })
  return z.string({ error: long }).max(most, long)
}

/** Text that says something. */
export const filledText = (most: number) => text(most).trim().min(1, accepted('filledText', { most }))

export const flag = z.boolean({ error: accepted('flag') })

export const list = <S extends z.ZodType>(item: S, of: string) => z.array(item, { error: accepted('list', { of }) })

/** The one format that a document may name, and the document itself. */
export const formatOf = <const F extends string>(format: F) =>
  z.literal(format, { error: accepted('format', { format }) })
export const documentOf = (format: string) => ({ error: accepted('document', { format }) })

/** An object with these keys. */
export const keysOf = (keys: string) => ({ error: accepted('keys', { keys }) })
