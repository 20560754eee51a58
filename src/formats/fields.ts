import { z } from 'zod'

/** A finite number within a range. The message is what would be accepted, so that every error can say it. */
export function number(min: number, max: number, unit: string) {
  const accepts = `a number from ${min} to ${max}${unit ? ` ${unit}` : ''}`
  return z.number({ error: accepts }).min(min, accepts).max(max, accepts)
}

export function oneOf<const T extends readonly [string, ...string[]]>(values: T) {
  return z.enum(values, { error: `one of ${values.join(', ')}` })
}

const PLACE_MOST = 100
const coordinate = z.number().min(-PLACE_MOST).max(PLACE_MOST)

export const point2 = z.tuple([coordinate, coordinate], {
  error: `a point [x, y] in metres, each from -${PLACE_MOST} to ${PLACE_MOST}`,
})
export const point3 = z.tuple([coordinate, coordinate, coordinate], {
  error: `a point [x, y, z] in metres, each from -${PLACE_MOST} to ${PLACE_MOST}`,
})

export const text = (most: number) => {
  const accepts = `text of at most ${most} characters`
  return z.string({ error: accepts }).max(most, accepts)
}

export const flag = z.boolean({ error: 'true or false' })
