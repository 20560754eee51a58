import { judgeTaken, takeStance } from './assess'
import { type Alignment, readAlignment } from './balance/alignment'
import { findCauses } from './balance/balance'
import { type Base, calcFullBase, calcSupportingBase } from './balance/base'
import type { EdgeCause } from './balance/cause'
import { calcFreeTurn } from './balance/free-turn'
import type { LegReading } from './balance/legs'
import { calcMargins, calcRose, type Margins } from './balance/margins'
import { calcPushes, type Pushes } from './balance/push'
import { makeOwnStanding } from './balance/share'
import { calcPossibleSplit, type PossibleSplit } from './balance/split'
import { type Assured, calcCentreSd, listBodyErrors } from './balance/uncertainty'
import type { Body } from './body/body'
import type { BySide, Vec2 } from './conventions'
import { InputError } from './errors'
import type { Finding, Verdict } from './limits/finding'
import { assemble, type Pose } from './pose/pose'
import type { Stance } from './stance/stance'

/** Everything that the model says of one stance: metres, kilograms, newtons, radians, shares 0 to 1, floor frame. */
export type Analysis = {
  pose: Pose
  full: Base
  usable: Base
  supporting: readonly Vec2[] | null
  margins: { full: Margins; usable: Margins; supporting: Margins | null }
  assured: Assured
  /** From the centre to the nearer side of the usable base, metres: what a nudge from the side meets. */
  sideways: number
  /** The part of the uncertainty that moves the centre, along x and y. */
  centreSd: Vec2
  reserve: number
  /** What ends the usable base at its nearest edge, and at the edge that decides the assured margin. */
  causes: { nearest: EdgeCause; assured: EdgeCause }
  /** The assured margin as an angle at the centre of mass. */
  tilt: number
  /** Assured margin over that of the same person standing parallel; null where that one isn't above zero. */
  ofStanding: number | null
  rose: number[]
  possibleSplit: PossibleSplit | null
  legs: BySide<LegReading>
  alignment: Alignment
  /** Null where it was not asked for. */
  freeTurn: { left: number; right: number } | null
  pushes: Pushes
  findings: Finding[]
  verdict: Verdict
}

export type AnalysisOptions = {
  /** The assured margin of the person's own standing, where it was computed before (see `calcStandingMargin`). */
  standing?: number | null
  /** Leaves out the free pelvis turn, which takes as long as some sixty poses. */
  withoutFreeTurn?: boolean
}

/**
 * Analyses a stance of a body.
 * @throws InputError naming the field: overlapping feet, weight on a held foot, a leg or hand out of reach, limits
 *   whose shares cannot add up, a base of no area
 * @param body a resolved body
 * @param stance metres, radians, shares 0 to 1, in the floor frame
 * @example analyse(ana, bow).verdict // => 'holds'
 * @example analyse(ana, bow).assured.margin // => 0.04184
 */
export function analyse(body: Body, stance: Stance, options: AnalysisOptions = {}): Analysis {
  const taken = takeStance(body, stance)
  const { settled, legs, findings, verdict } = judgeTaken(taken)
  const pose = taken.pose ?? assemble(settled)
  const { balance } = taken
  const { centre } = taken.footing
  const { usable, views, assured, reserve } = balance
  const full = calcFullBase(pose)
  const supporting = calcSupportingBase(pose)
  const margins = {
    full: calcMargins(full, centre),
    usable: calcMargins(usable, centre, views),
    supporting:
      supporting &&
      calcMargins(
        supporting.map(([x, y]) => ({ x, y })),
        centre,
      ),
  }
  const rose = margins.usable.nearest < 0 ? NO_ROSE : calcRose(usable, centre)
  const standing = options.standing === undefined ? calcStandingMargin(body) : options.standing
  return {
    pose,
    full,
    usable,
    supporting,
    margins,
    assured,
    sideways: Math.min(margins.usable.left, margins.usable.right),
    centreSd: calcCentreSd(taken.footing, taken.pose && listBodyErrors(taken.pose)),
    reserve,
    tilt: Math.atan2(assured.margin, pose.centreOfMass[2]),
    ofStanding: standing !== null && standing > 0 ? assured.margin / standing : null,
    rose,
    possibleSplit: calcPossibleSplit(pose),
    legs,
    alignment: readAlignment(pose, rose),
    freeTurn: options.withoutFreeTurn ? null : calcFreeTurn(body, stance),
    pushes: calcPushes(pose, margins.full, margins.usable),
    causes: findCauses(taken.footing, balance),
    findings,
    verdict,
  }
}

/**
 * A stance of a body by itself: without their own standing and the free turn; null where it cannot be stood.
 * @example tryAnalyse(ana, bow)?.verdict // => 'holds'
 * @example tryAnalyse(ana, { ...bow, feet: { ...bow.feet, left: { ...bow.feet.left, heel: [0, 3] } } }) // => null
 */
export function tryAnalyse(body: Body, stance: Stance): Analysis | null {
  try {
    return analyse(body, stance, { standing: null, withoutFreeTurn: true })
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

const NO_ROSE: number[] = new Array(72).fill(0)

/**
 * Assured margin of the person's own standing; null where it has none (no such stance, or no margin above zero).
 * @returns metres, what is assured of the nearest margin
 * @example calcStandingMargin(ana) // => 0.04143
 */
export function calcStandingMargin(body: Body): number | null {
  try {
    const { margin } = takeStance(body, makeOwnStanding(body)).balance.assured
    return margin > 0 ? margin : null
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
