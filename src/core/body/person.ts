import type { SupportKind } from '../body/support-kinds'
import type { BySide } from '../conventions'
import type { House } from './house'
import type { FlagLimitKey, HipOrder, SideLimitKey, WholeLimitKey } from './limits'
import type { SeatKind } from './seat-kinds'
import type { Sex } from './segments'

/** What one leg and arm may do: radians. */
export type SideLimits = { [K in SideLimitKey]?: number } & {
  /** A limit of rotation is an order: the knee is not moved to keep it, a stance past it breaks it. */
  [K in HipOrder]?: boolean
}

/**
 * What a person may do, as the table of limits has it. Every limit is optional; the house rules apply where none is
 * given. What stands directly here is meant for both sides; `left` and `right` override it for one.
 */
export type Limits = SideLimits & { [K in WholeLimitKey]?: number } & { [K in FlagLimitKey]?: boolean } & {
  left?: SideLimits
  right?: SideLimits
  /** The twist limit is an order: a stance past it breaks it. */
  trunkOrdered?: boolean
  /** Largest share of body weight on each leg, 0 to 1. */
  loadMax?: BySide<number>
  /** No standing without a hand on this. */
  support?: SupportKind
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
  /** Best of the timed stands on each leg, in seconds. */
  oneLegStand?: Partial<BySide<number>>
  trunkShift?: number
  /** Feels the floor poorly: where a foot stands and where it is pressed is less sure. */
  numbFeet?: boolean
  /** What they sit on, and how high its seat is; a firm chair a little higher than the knee where none is said. */
  sitsOn?: SeatKind
  seatHeight?: number
  lengths?: Partial<Lengths>
  limits?: Limits
  /** What this person's house set otherwise than the defaults. */
  house?: Partial<House>
}
