import type { BySide } from '../conventions'
import type { Sex } from './segments'

/** What a person may do. Every limit is optional; see `LIMIT_DEFAULTS` for what applies where none is given. */
export type Limits = {
  kneeFlexionMax?: number
  kneeFlexionMin?: number
  kneeRangeMax?: number
  hipOutwardMax?: number
  hipInwardMax?: number
  hipAbductionMax?: number
  hipAdductionMax?: number
  hipFlexionMax?: number
  /** The rotation limits are an order: the knee is not moved to keep them, a stance past them breaks it. */
  hipOrdered?: boolean
  dorsiflexionMax?: number
  trunkTwistMax?: number
  /** Largest share of body weight on each leg, 0 to 1. */
  loadMax?: BySide<number>
}

export type Lengths = {
  thigh: BySide<number>
  shank: BySide<number>
  ankleHeight: BySide<number>
  upperArm: BySide<number>
  forearm: BySide<number>
  hand: BySide<number>
  hipSeparation: number
}

/** A person as measured or estimated: metres, kilograms, years, radians, fractions. */
export type Person = {
  stature: number
  mass: number
  sex: Sex
  age?: number
  footLength?: number
  footBreadth?: number
  shoulderWidth?: number
  usableAlong?: number
  usableAcross?: number
  swayReserve?: number
  swayReserveOneFoot?: number
  trunkShift?: number
  lengths?: Partial<Lengths>
  limits?: Limits
}

/**
 * Limits where none is given. Hip ranges after Norkin & White plus what shank and bent knee add (an estimate);
 * the ankle's is the usual weight-bearing range. House defaults, never clinical limits.
 */
export const LIMIT_DEFAULTS = {
  kneeFlexionMinDeg: 5,
  kneeRangeMaxDeg: 140,
  hipOutwardMaxDeg: 60,
  hipInwardMaxDeg: 45,
  hipAbductionMaxDeg: 60,
  dorsiflexionMaxDeg: 30,
  trunkTwistMaxDeg: 45,
  swayReserveM: 0.015,
  oneFootReserveFactor: 0.6,
  eyesClosedReserveFactor: 1.5,
} as const
