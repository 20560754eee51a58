import { type Analysis, tryAnalyse } from '../analysis'
import type { Body } from '../body/body'
import { SIDES } from '../conventions'
import { InputError } from '../errors'
import { type Candidate, listCandidates } from '../postures/candidates'
import type { Measures } from '../postures/measures'
import { layOut } from '../postures/measures'
import { calcLead } from '../stance/layout'
import { makeSeated } from '../stance/seated'
import type { Stance } from '../stance/stance'
import { asStoodBy } from '../variants/demands'
import type { Variant } from '../variants/variant'
import { findVariants } from '../variants/variants'
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

/** What somebody does where no level fits: their own variant, the seated form, or nothing that was found. */
export type OwnForm = { kind: 'own' | 'seated' | 'none'; stance: Stance | null; variant: Variant | null }

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
 * A form of their own for somebody whom no level fits: the nearest variant of the posture as taught, or the least help
 * with which it holds; else the seated form, where that keeps their limits. Whoever sits, or may put no weight on a leg
 * that the posture puts down, is given no standing form.
 * @example findOwnForm(resolveBody({ ...ana.person, limits: { seatedOnly: true } }), measures, taught).kind // => 'seated'
 */
export function findOwnForm(body: Body, measures: Measures, taught: Taught, isOver?: IsOver): OwnForm {
  const stance = layOut(measures, body, taught.side, taught.posture, taught.keeps)
  const bare = SIDES.some((side) => body.loadMax[side] === 0 && stance.feet[side].contact !== 'air')
  if (!body.person.limits?.seatedOnly && !bare) {
    const variant = findStandingVariant(body, stance, isOver)
    if (variant) return { kind: 'own', stance: variant.stance, variant }
  }
  const seated = sitFor(body, stance)
  return seated ? { kind: 'seated', stance: seated, variant: null } : { kind: 'none', stance: null, variant: null }
}

function findStandingVariant(body: Body, stance: Stance, isOver?: IsOver): Variant | null {
  try {
    const { variants } = findVariants(body, stance, { leastOnly: true, ...(isOver && { isOver }) })
    return variants.find((one) => one.kind === 'other-side' || keepsFront(one.stance, stance)) ?? null
  } catch (error) {
    // As taught it cannot even be stood, so there is nothing to change from.
    if (error instanceof InputError) return null
    throw error
  }
}

/** A form in which the other foot is in front is another posture. */
const keepsFront = (form: Stance, asTaught: Stance): boolean => calcLead(form) * calcLead(asTaught) >= -1e-6

/** The seated form with the posture's arms; with resting arms where those break a limit; null where sitting does too. */
export function sitFor(body: Body, stance: Stance): Stance | null {
  const forms = [makeSeated(body, stance), makeSeated(body)]
  for (const form of forms) {
    const analysis = tryAnalyse(body, form)
    if (analysis && analysis.verdict !== 'beyond') return form
  }
  return null
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
