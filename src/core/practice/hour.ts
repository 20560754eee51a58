import { type BySide, bySide, SIDES, type Side } from '../conventions'
import { addLoads, type Load } from './load'
import type { Practice } from './rules'

/** A piece of a lesson as somebody does it: what it asks in all its rounds, or a rest, sitting. */
export type WorkedPiece = { seconds: number; load: Load; rests: boolean }

/** An hour as somebody does it: what it asks in all, and how it tires from piece to piece. */
export type Hour = {
  load: Load
  /** Nm·s at each knee since it last rested, at instants in order; what is left of it halves with each minute of sitting. */
  curve: { atS: number; tired: BySide<number> }[]
  /** The most of it, where. */
  stretch: BySide<{ nms: number; atS: number; piece: number }>
  /** Seconds from rest to rest at the longest. */
  longestS: number
}

/** House default: tiredness of a leg after so many seconds of sitting is half of what it was. */
const HALVES_IN_S = 60
const REST_STEPS = 6

/**
 * Puts a person's pieces one after the other.
 * @example calcHour([]).curve // => [{ atS: 0, tired: { left: 0, right: 0 } }]
 */
export function calcHour(pieces: readonly WorkedPiece[]): Hour {
  const tired = { left: 0, right: 0 }
  const curve: Hour['curve'] = [{ atS: 0, tired: { ...tired } }]
  const stretch = bySide(() => ({ nms: 0, atS: 0, piece: 0 }))
  let atS = 0
  let sinceRest = 0
  let longestS = 0
  pieces.forEach(({ seconds, load, rests }, piece) => {
    const steps = rests ? REST_STEPS : 1
    for (let i = 1; i <= steps; i++) {
      const by = seconds / steps
      atS += by
      for (const side of SIDES)
        tired[side] = rests ? tired[side] * 0.5 ** (by / HALVES_IN_S) : tired[side] + load.kneeNms[side]
      curve.push({ atS, tired: { ...tired } })
    }
    sinceRest = rests ? 0 : sinceRest + seconds
    longestS = Math.max(longestS, sinceRest)
    for (const side of SIDES) if (tired[side] > stretch[side].nms) stretch[side] = { nms: tired[side], atS, piece }
  })
  return { load: addLoads(pieces.map(({ load }) => load)), curve, stretch, longestS }
}

/** What somebody did on a day: all of it, and at a stretch; and whether they complained of it. */
export type DoneDay = { day: string; nms: BySide<number>; stretch: BySide<number>; complained: boolean }

/** What each knee is used to, and as much more as the house allows: Nm·s in all and at a stretch. */
export type Budget = { all: BySide<number>; stretch: BySide<number>; from: 'history' | 'start' }

const DAY_MS = 86_400_000
/**
 * @param from YYYY-MM-DD
 * @param to YYYY-MM-DD
 * @example daysBetween('2028-02-28', '2028-03-01') // => 2
 */
export const daysBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / DAY_MS

/**
 * From what was done without complaint in the last weeks before a day (YYYY-MM-DD); without any, a careful start by the
 * mass of the body. Doing nothing is no history.
 * @param on YYYY-MM-DD
 * @param mass kilograms
 * @returns newton metre seconds
 * @example calcBudget([], '2026-03-13', 68, USUAL_PRACTICE).from // => 'start'
 */
export function calcBudget(days: readonly DoneDay[], on: string, mass: number, rules: Practice): Budget {
  const recent = days.filter(({ day, nms, complained }) => {
    const ago = daysBetween(day, on)
    return ago > 0 && ago <= rules.budgetDays && !complained && nms.left + nms.right > 0
  })
  if (recent.length === 0)
    return {
      all: bySide(() => rules.startNms * mass),
      stretch: bySide(() => rules.startStretchNms * mass),
      from: 'start',
    }
  const more = 1 + rules.budgetMore
  return {
    all: bySide((side) => more * Math.max(...recent.map(({ nms }) => nms[side]))),
    stretch: bySide((side) => more * Math.max(...recent.map(({ stretch }) => stretch[side]))),
    from: 'history',
  }
}

/** How far a knee is past what it is used to: shares of it; 1 is just that. The leg that is hardest pressed. */
export type Pressed = { side: Side; what: 'all' | 'stretch'; share: number }

/**
 * @example findPressed(calcHour([]), calcBudget([], '2026-03-13', 68, USUAL_PRACTICE)).share // => 0
 */
export function findPressed({ load, stretch }: Hour, budget: Budget): Pressed {
  return SIDES.flatMap((side): Pressed[] => [
    { side, what: 'stretch', share: stretch[side].nms / budget.stretch[side] },
    { side, what: 'all', share: load.kneeNms[side] / budget.all[side] },
  ]).reduce((worst, one) => (one.share > worst.share ? one : worst))
}
