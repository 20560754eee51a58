import type { Body } from '../body/body'
import { DEG } from '../conventions'
import { verdictOfTransition } from './judge-path'
import { makePath, type Path, type RoutinePart } from './path'
import { bringNearer, changeWay, costOf } from './way-change'

/** One step length, one height and one width for a whole routine: what everyone can say and keep. Metres, radians. */
export type Measure = { scale: number; by: number; nearer?: number }

export type Tally = { noWay: number; beyond: number; close: number; falls: number }

/** A routine with one measure: what it comes to, and the routine itself. */
export type Measured = { measure: Measure; tally: Tally; parts: RoutinePart[] }

const SCALES = [1, 0.75, 0.5, 0.25] as const
const BENDS = [0, -5, -10, 5].map((degrees) => degrees * DEG)
const SAMPLES = 6

/**
 * @example tallyPath(path).beyond // => 0
 */
export function tallyPath({ transitions, parts }: Path): Tally {
  const verdicts = transitions.map((one) => verdictOfTransition(one))
  const count = (of: 'beyond' | 'close') => verdicts.filter((verdict) => verdict === of).length
  return {
    noWay: verdicts.filter((verdict) => verdict === null).length + (parts[0]?.analysis ? 0 : 1),
    beyond: count('beyond'),
    close: count('close'),
    falls: transitions.filter(({ made }) => made?.findings.some(({ code }) => code === 'step.falls')).length,
  }
}

/**
 * The graver count decides.
 * @example Math.sign(compareTallies(tallyPath(path), { ...tallyPath(path), beyond: 3 })) // => -1
 */
export function compareTallies(a: Tally, b: Tally): number {
  const graver = a.noWay + a.beyond - (b.noWay + b.beyond)
  return graver || a.close - b.close || a.falls - b.falls
}

/** Each part with the foot that stayed on the way to it: another one would be another routine. */
export const keepAnchors = ({ transitions }: Path, routine: readonly RoutinePart[]): RoutinePart[] =>
  routine.map((part, i) => {
    const anchor = transitions[i - 1]?.made?.transition.anchor
    return anchor && !part.at ? { ...part, anchor } : part
  })

/** By so much feet come nearer each other where a step does not reach otherwise. */
export const NEARER = 0.06

/**
 * A routine with every step scaled, every knee bent by as much more or less, and feet nearer each other where they are
 * wide enough for it; null where a stance cannot take it.
 * @example measureRoutine(ana, routine, { scale: 0.5, by: 0 })?.length // => 2
 */
export function measureRoutine(
  body: Body,
  routine: readonly RoutinePart[],
  { scale, by, nearer = 0 }: Measure,
): RoutinePart[] | null {
  const parts: RoutinePart[] = []
  for (const part of routine) {
    const choices = { ...part.choices, stepScale: part.choices.stepScale * scale }
    const bent = by === 0 ? null : changeWay(body, { before: part, parts: [part] }, { what: 'sink', by }, null)
    if (by !== 0 && !bent && !part.stance.seat) return null
    const stood = bent?.before ?? part
    parts.push({ ...stood, stance: bringNearer(body, stood.stance, nearer), choices })
  }
  return parts
}

const MEASURES: Measure[] = [
  ...SCALES.flatMap((scale) => BENDS.map((by) => ({ scale, by, nearer: 0 }))),
  ...[0.5, 0.25].flatMap((scale) => [0, -5 * DEG].map((by) => ({ scale, by, nearer: NEARER }))),
].sort((a, b) => costOfMeasure(a) - costOfMeasure(b))

function costOfMeasure({ scale, by, nearer = 0 }: Measure): number {
  return costOf({ what: 'step', scale }) + costOf({ what: 'knees', by }) + costOf({ what: 'wider', by: nearer })
}

/**
 * The least change of all steps and knees together with which most of a routine holds; null where none does better.
 * @example findMeasure(ana, routine) // => null
 */
export function findMeasure(
  body: Body,
  asked: readonly RoutinePart[],
  isOver: () => boolean = () => false,
): Measured | null {
  const path = makePath(body, asked, SAMPLES, 'verdicts')
  const routine = keepAnchors(path, asked)
  const original = tallyPath(path)
  let best: Measured | null = null
  for (const measure of MEASURES) {
    const worst = best?.tally ?? original
    if (isOver() || worst.noWay + worst.beyond + worst.close === 0) break
    if (costOfMeasure(measure) === 0) continue
    const parts = measureRoutine(body, routine, measure)
    if (!parts) continue
    const tally = tallyPath(makePath(body, parts, SAMPLES, 'verdicts'))
    if (compareTallies(tally, worst) < 0) best = { measure, tally, parts }
  }
  return best
}
