import { type Analysis, tryAnalyse } from '../analysis'
import type { Body } from '../body/body'
import { type Candidate, listCandidates } from '../postures/candidates'
import type { Measures } from '../postures/measures'
import { layOut } from '../postures/measures'
import type { Stance } from '../stance/stance'
import { asStoodBy } from '../variants/demands'
import type { IsOver } from '../variants/weigh'
import { type Choice, chooseLevels } from './choose-levels'
import { LevelScale, type Taught, type Weighings } from './weigh-levels'

export type FitOptions = {
  /** At most this many levels. */
  levels: 1 | 2 | 3
  /** Whether a chair may be put beside somebody. */
  chairs: boolean
  /** Ends the choice with the best so far. */
  isOver?: IsOver
}

export type ClassFit = {
  taught: Measures
  candidates: readonly Candidate[]
  /** What one more and one level fewer would come to. */
  choice: Choice
  more: Choice | null
  fewer: Choice | null
  /** Ended before it was done: what nobody had time to weigh is not known to pass. */
  cut: boolean
}

/**
 * Weighs one body against every version of a posture: the part of a class fit that is done for each person alone.
 * @example weighBody(ana, measures, taught, true).costs[0] // => 0
 */
export function weighBody(
  body: Body,
  measures: Measures,
  taught: Taught,
  chairs: boolean,
  candidates = listCandidates(measures, taught.keeps),
  isOver?: IsOver,
): Weighings {
  return new LevelScale(body, taught, candidates[0] as Candidate, chairs, isOver).weighAll(candidates)
}

/**
 * The levels of a class, once everybody was weighed; what one level more or less would come to.
 * @example chooseForClass([ana], measures, taught, [weighBody(ana, measures, taught, true)], { levels: 2, chairs: true }).choice.levels // => [0]
 */
export function chooseForClass(
  bodies: readonly Body[],
  measures: Measures,
  taught: Taught,
  weighed: readonly Weighings[],
  { levels, chairs, isOver = () => false }: FitOptions,
): ClassFit {
  const candidates = listCandidates(measures, taught.keeps)
  const asTaught = candidates[0] as Candidate
  const scales = bodies.map((body) => new LevelScale(body, taught, asTaught, chairs))
  const isExact = (person: number, candidate: number) => weighed[person]?.exact[candidate] === 1
  const ask = (person: number, candidate: number) => {
    ;(weighed[person] as Weighings).exact[candidate] = 1
    return (scales[person] as LevelScale).calcCost(candidates[candidate] as Candidate)
  }
  const costs = weighed.map((one) => one.costs)
  const isDone = () => isOver(0)
  const choose = (most: number) => (most >= 1 ? chooseLevels(costs, most, isExact, ask, isDone) : null)
  const choice = choose(levels) as Choice
  const [more, fewer] = [choose(levels + 1), choose(levels - 1)]
  return { taught: measures, candidates, choice, more, fewer, cut: weighed.some(({ cut }) => cut) || isDone() }
}

/**
 * A posture as taught, as this person stands it: with what they may not do without. Null where it cannot be stood.
 * @example readAsTaught(ana, measures, taught)?.verdict // => 'holds'
 */
export function readAsTaught(body: Body, measures: Measures, taught: Taught): Analysis | null {
  return tryAnalyse(body, asStoodBy(body, layOut(measures, body, taught.side, taught.posture, taught.keeps)))
}

/**
 * How somebody stands a level: the stance in which they pass, else as they would stand it all the same.
 * @example standLevel(ana, { measures: measures, distance: 0 }, { measures: measures, distance: 0 }, taught, true).passes // => true
 */
export function standLevel(
  body: Body,
  level: Candidate,
  asTaught: Candidate,
  taught: Taught,
  chairs: boolean,
): { stance: Stance; analysis: Analysis | null; passes: boolean } {
  const passing = new LevelScale(body, taught, asTaught, chairs).pass(level)
  const stance = passing ?? asStoodBy(body, layOut(level.measures, body, taught.side, taught.posture, taught.keeps))
  return { stance, analysis: tryAnalyse(body, stance), passes: passing !== null }
}
