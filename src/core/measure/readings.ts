import type { Vec2 } from '../conventions'

/** One reading of a device: seconds since it began, kilograms, metres, newtons, radians. */
export type Reading =
  | { kind: 'scales'; atS: number; leftKg: number; rightKg: number }
  | { kind: 'plate'; atS: number; cop: Vec2; forceN: number }
  | { kind: 'level'; atS: number; pitch: number; roll: number }
  | { kind: 'board'; atS: number; supportKg: number }
export type ReadingKind = Reading['kind']
export type ReadingOf<K extends ReadingKind> = Extract<Reading, { kind: K }>

/** Seconds without a reading that are a gap: nothing is drawn or measured across it. */
export const GAP_S = 0.5

/** What came in, in the order of time; how many came twice or late, and for how long nothing came. */
export type Ordered<R> = { readings: R[]; repeated: number; late: number; gapS: number }

/**
 * Puts readings in the order of time. Of two of the same instant the first counts.
 * @example putInOrder([{ atS: 2 }, { atS: 1 }]).readings // => [{ atS: 1 }, { atS: 2 }]
 */
export function putInOrder<R extends { atS: number }>(came: readonly R[]): Ordered<R> {
  let late = 0
  let newest = Number.NEGATIVE_INFINITY
  for (const { atS } of came) {
    if (atS < newest) late++
    newest = Math.max(newest, atS)
  }
  const sorted = [...came].sort((a, b) => a.atS - b.atS)
  const readings = sorted.filter(({ atS }, i) => i === 0 || atS > (sorted[i - 1] as R).atS)
  let gapS = 0
  readings.forEach(({ atS }, i) => {
    const before = readings[i - 1]
    if (before && atS - before.atS > GAP_S) gapS += atS - before.atS
  })
  return { readings, repeated: sorted.length - readings.length, late, gapS }
}
