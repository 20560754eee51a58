import { InputError } from '../errors'
import { clamp } from '../numeric/clamp'

/** What one bathroom scale reads otherwise than it should, kilograms: its own error, not its noise. */
export const SCALE_SD_KG = 0.4
/** Surer than a point no split is: feet on two scales stand a little otherwise than on the floor. */
const SPLIT_SD_LEAST = 0.01

export type Split = {
  /** Share of the weight on the left, 0 to 1, and its standard deviation. */
  loadLeft: number
  sd: number
  totalKg: number
  /** How much the share itself went to and fro while it was read. */
  spread: number
}

/**
 * The split that two scales side by side show: the mean over readings of left over the sum.
 * The standard deviation is of the mean: both scales' own errors, carried through L / (L + R), and the going to and fro
 * over `independent` of the readings; at least one point.
 * @throws InputError where nothing was read, or nobody stands on them
 * @param readings seconds and kilograms, in any order
 * @example calcSplit([{ atS: 0, leftKg: 42, rightKg: 28 }]).loadLeft // => 0.6
 */
export function calcSplit(readings: readonly { atS: number; leftKg: number; rightKg: number }[]): Split {
  const shares = readings.flatMap(({ leftKg, rightKg }) =>
    leftKg + rightKg > 0 ? [clamp(leftKg / (leftKg + rightKg), 0, 1)] : [],
  )
  if (shares.length === 0) throw new InputError('readings', readings.length, { code: 'somebodyStands' })
  const mean = (of: readonly number[]) => of.reduce((sum, one) => sum + one, 0) / of.length
  const loadLeft = mean(shares)
  const totalKg = mean(readings.map(({ leftKg, rightKg }) => leftKg + rightKg))
  const spread = Math.sqrt(mean(shares.map((one) => (one - loadLeft) ** 2)))
  const own = (SCALE_SD_KG / totalKg) * Math.hypot(loadLeft, 1 - loadLeft)
  const sd = Math.max(SPLIT_SD_LEAST, Math.hypot(own, spread / Math.sqrt(countIndependent(readings))))
  return { loadLeft, sd, totalKg, spread }
}

/** Readings nearer than this in time say the same: quiet sway is that slow. */
const APART_S = 1

const countIndependent = (readings: readonly { atS: number }[]): number => {
  const times = readings.map(({ atS }) => atS)
  return Math.max(1, Math.floor((Math.max(...times) - Math.min(...times)) / APART_S))
}
