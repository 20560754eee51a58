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

/**
 * What each knee may be asked: Nm·s in all and at a stretch. From what it did without complaint, from a careful start,
 * or held back by what was complained of.
 */
export type Budget = { all: BySide<number>; stretch: BySide<number>; from: 'history' | 'start' | 'complaint' }

const DAY_MS = 86_400_000
/**
 * @param from YYYY-MM-DD
 * @param to YYYY-MM-DD
 * @example daysBetween('2028-02-28', '2028-03-01') // => 2
 */
export const daysBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / DAY_MS

/** What was complained of holds back to this share of a careful start at the least: less is for people to decide. */
const HELD_BACK_LEAST = 0.5

/**
 * From what was done in the last weeks before a day (YYYY-MM-DD): the most without complaint and as much more as the
 * house allows, or a careful start by the mass of the body, whichever is more; who did little and well is not allowed
 * less than somebody of whom nothing is known. What was complained of, where nothing as much went well, holds it back by
 * the same step.
 * @param on YYYY-MM-DD
 * @param mass kilograms
 * @returns newton metre seconds
 * @example calcBudget([], '2026-03-13', 68, USUAL_PRACTICE).from // => 'start'
 */
export function calcBudget(days: readonly DoneDay[], on: string, mass: number, rules: Practice): Budget {
  const recent = days.filter(({ day, nms }) => {
    const ago = daysBetween(day, on)
    return ago > 0 && ago <= rules.budgetDays && nms.left + nms.right > 0
  })
  const more = 1 + rules.budgetMore
  const from = { history: false, complaint: false }
  const allow = (start: number, read: (day: DoneDay) => number): number => {
    const well = Math.max(0, ...recent.filter(({ complained }) => !complained).map(read))
    const ill = recent.flatMap((day) => (day.complained && read(day) > well ? [read(day)] : []))
    const held = Math.max(Math.min(...ill) / more, HELD_BACK_LEAST * start)
    const used = Math.max(start, more * well)
    from.history ||= used > start
    from.complaint ||= held < used
    return Math.min(used, held)
  }
  const all = bySide((side) => allow(rules.startNms * mass, ({ nms }) => nms[side]))
  const stretch = bySide((side) => allow(rules.startStretchNms * mass, ({ stretch }) => stretch[side]))
  return { all, stretch, from: from.complaint ? 'complaint' : from.history ? 'history' : 'start' }
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
