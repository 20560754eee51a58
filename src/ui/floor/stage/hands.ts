import type { Side, Vec2 } from '@/core'
import type { LengthUnit } from '@/words/units'

/** What hands do on a floor, told to whoever owns the stance: metres in its floor frame, degrees, percent. */
export type FloorHands = {
  /** Between these two, changes are one. */
  begin: () => void
  end: () => void
  moveFoot: (side: Side, heel: Vec2) => void
  turnFoot: (side: Side, toeOutDeg: number) => void
  setLoadLeft: (percent: number) => void
  moveSupport: (hand: Side, at: Vec2) => void
  turnSupport: (hand: Side, byDeg: number) => void
  takeSupportAway: (hand: Side) => void
}

/** What is shown on a floor besides the stance, and in which unit lengths are said. */
export type FloorLook = {
  rose: boolean
  /** How hard a nudge tips, each way. */
  tips: boolean
  lines: boolean
  unit: LengthUnit
  /** Counts the times that the floor was asked to fit anew. */
  fits: number
}

export const PLAIN_LOOK: FloorLook = { rose: false, tips: false, lines: false, unit: 'cm', fits: 0 }
