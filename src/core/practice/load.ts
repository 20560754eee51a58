import { kneeLoad } from '../balance/legs'
import { type BySide, bySide, SIDES, type Side } from '../conventions'
import type { Path, RoutinePart } from '../motion/path'
import type { Stood } from '../motion/posing'
import type { TimedPhase } from '../motion/transition'
import type { Stance } from '../stance/stance'

/** What one round of a routine, or an hour of them, asks of somebody: seconds, Nm·s, counts. */
export type Load = {
  seconds: number
  /** For how long each knee bears more than standing at ease does. */
  loadedS: BySide<number>
  /** ∫ √(M² + M_f²) dt at each knee. */
  kneeNms: BySide<number>
  /** Weight moved onto each leg, 20 points or more. */
  shifts: BySide<number>
  /** With an arm above what is allowed to it. */
  armsHighS: number
  longestHoldS: number
}

/** Nm for each kilogram of the body: half as much again as what a knee bears in standing at ease. */
const AT_EASE = 0.3
const SHIFTS_FROM = 0.2

export const NO_LOAD: Load = {
  seconds: 0,
  loadedS: { left: 0, right: 0 },
  kneeNms: { left: 0, right: 0 },
  shifts: { left: 0, right: 0 },
  armsHighS: 0,
  longestHoldS: 0,
}

/**
 * What a routine asks of each leg when it is done once, holds counted; ways that cannot be taken count as nothing.
 * @returns seconds, newton metre seconds and counts
 * @example calcLoad(path, routine).seconds // => 16
 */
export function calcLoad(path: Path, routine: readonly RoutinePart[]): Load {
  const { body } = path
  const easy = AT_EASE * body.mass
  const load: Load = structuredClone(NO_LOAD)
  const add = (seconds: number, legs: Stood['legs'], stance: Stance) => {
    load.seconds += seconds
    for (const side of SIDES) {
      const moment = kneeLoad(legs[side])
      load.kneeNms[side] += moment * seconds
      if (moment > easy) load.loadedS[side] += seconds
    }
    if (SIDES.some((side) => stance.arms[side].elevation > body.sides[side].armElevationMax + 1e-9))
      load.armsHighS += seconds
  }
  path.parts.forEach(({ analysis, stance }, i) => {
    const { seconds, hold } = routine[i] as RoutinePart
    load.longestHoldS = Math.max(load.longestHoldS, hold)
    if (analysis) add(i === 0 ? seconds + hold : hold, analysis.legs, stance)
  })
  for (const { made } of path.transitions) {
    for (const phase of made?.transition.phases ?? []) {
      addPhase(phase, add)
      const onto = shiftOf(phase)
      if (onto) load.shifts[onto]++
    }
  }
  return load
}

/** Each sample for half of the time to its neighbours. */
function addPhase(
  { samples, seconds }: TimedPhase,
  add: (seconds: number, legs: Stood['legs'], stance: Stance) => void,
): void {
  const last = samples.length - 1
  samples.forEach(({ legs, stance }, i) => {
    add(((i === 0 || i === last ? 0.5 : 1) * seconds) / last, legs, stance)
  })
}

function shiftOf({ kind, from, to }: TimedPhase): Side | null {
  if (kind !== 'empty' && kind !== 'commit' && kind !== 'shift') return null
  const by = to.loadLeft - from.loadLeft
  return Math.abs(by) < SHIFTS_FROM - 1e-9 ? null : by > 0 ? 'left' : 'right'
}

/**
 * A load done so many times; a hold stays as long as it is.
 * @param times how often it is done, 0 or more
 * @example timesLoad({ ...NO_LOAD, seconds: 8, longestHoldS: 5 }, 3).seconds // => 24
 * @example timesLoad({ ...NO_LOAD, longestHoldS: 5 }, 3).longestHoldS // => 5
 */
export const timesLoad = (load: Load, times: number): Load => ({
  seconds: load.seconds * times,
  loadedS: bySide((side) => load.loadedS[side] * times),
  kneeNms: bySide((side) => load.kneeNms[side] * times),
  shifts: bySide((side) => Math.round(load.shifts[side] * times)),
  armsHighS: load.armsHighS * times,
  longestHoldS: times > 0 ? load.longestHoldS : 0,
})

/**
 * @example addLoads([NO_LOAD, { ...NO_LOAD, seconds: 8 }]).seconds // => 8
 */
export const addLoads = (loads: readonly Load[]): Load =>
  loads.reduce(
    (sum, load) => ({
      seconds: sum.seconds + load.seconds,
      loadedS: bySide((side) => sum.loadedS[side] + load.loadedS[side]),
      kneeNms: bySide((side) => sum.kneeNms[side] + load.kneeNms[side]),
      shifts: bySide((side) => sum.shifts[side] + load.shifts[side]),
      armsHighS: sum.armsHighS + load.armsHighS,
      longestHoldS: Math.max(sum.longestHoldS, load.longestHoldS),
    }),
    NO_LOAD,
  )
