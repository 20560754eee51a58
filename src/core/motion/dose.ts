import { kneeLoad } from '../balance/legs'
import { type BySide, bySide, type Side } from '../conventions'
import type { Path, RoutinePart } from './path'

export type Dose = { shifts: number; turns: number; singleS: BySide<number>; kneeNms: BySide<number> }

const SHIFTS_FROM = 0.2

/**
 * What a routine asks of each leg, holds counted.
 * @returns counts, seconds and newton metre seconds
 * @example calcDose(path, routine).shifts // => 3
 */
export function calcDose({ parts, transitions }: Path, routine: readonly RoutinePart[]): Dose {
  const phases = transitions.flatMap(({ made }) => made?.transition.phases ?? [])
  const shifts = phases.filter(
    ({ kind, from, to }) =>
      (kind === 'empty' || kind === 'commit' || kind === 'shift') &&
      Math.abs(from.loadLeft - to.loadLeft) >= SHIFTS_FROM - 1e-9,
  ).length
  const held = (side: Side) =>
    parts.reduce((sum, { analysis }, i) => {
      const { hold, seconds } = routine[i] as RoutinePart
      return sum + (analysis ? kneeLoad(analysis.legs[side]) * (i === 0 ? seconds + hold : hold) : 0)
    }, 0)
  return {
    shifts,
    turns: phases.filter(({ kind }) => kind === 'turn').length,
    singleS: bySide((leg) => transitions.reduce((sum, { made }) => sum + (made?.readings.singleS[leg] ?? 0), 0)),
    kneeNms: bySide((side) =>
      transitions.reduce((sum, { made }) => sum + (made?.readings.kneeNms[side] ?? 0), held(side)),
    ),
  }
}
