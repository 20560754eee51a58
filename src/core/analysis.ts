import { type Alignment, readAlignment } from './balance/alignment'
import { type Base, calcFullBase, calcSupportingBase, calcUsableBase } from './balance/base'
import { calcFreeTurn } from './balance/free-turn'
import { type LegReading, readLegs } from './balance/legs'
import { calcMargins, calcRose, type Margins, viewEdges } from './balance/margins'
import { calcPushes, type Pushes } from './balance/push'
import { calcPossibleSplit, type PossibleSplit } from './balance/split'
import { type Assured, calcAssured } from './balance/uncertainty'
import type { Body } from './body/body'
import { type BySide, DEG, type Vec2 } from './conventions'
import { InputError, InternalError } from './errors'
import type { Finding, Verdict } from './limits/finding'
import { calcReserve, judge } from './limits/judge'
import { type Pose, solvePose } from './pose/pose'
import { checkStance } from './stance/check'
import { ARM_DOWN, STANCE_DEFAULTS, type Stance } from './stance/stance'

/** Everything that the model says of one stance: metres, kilograms, newtons, radians, shares 0 to 1, floor frame. */
export type Analysis = {
  pose: Pose
  full: Base
  usable: Base
  supporting: readonly Vec2[] | null
  margins: { full: Margins; usable: Margins; supporting: Margins | null }
  assured: Assured
  reserve: number
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
 */
export function analyse(body: Body, stance: Stance, options: AnalysisOptions = {}): Analysis {
  checkStance(body, stance)
  const pose = solvePose(body, stance)
  const full = calcFullBase(pose)
  const usable = calcUsableBase(pose)
  const supporting = calcSupportingBase(pose)
  const views = viewEdges(usable.corners, pose.centre)
  const margins = {
    full: calcMargins(full.corners, pose.centre),
    usable: calcMargins(usable.corners, pose.centre, views),
    supporting:
      supporting &&
      calcMargins(
        supporting.map(([x, y]) => ({ x, y })),
        pose.centre,
      ),
  }
  const assured = calcAssured(pose, usable, views)
  const reserve = calcReserve(pose)
  const legs = readLegs(pose)
  const rose = margins.usable.nearest < 0 ? NO_ROSE : calcRose(usable.corners, pose.centre)
  const standing = options.standing === undefined ? calcStandingMargin(body) : options.standing
  return {
    pose,
    full,
    usable,
    supporting,
    margins,
    assured,
    reserve,
    tilt: Math.atan2(assured.margin, pose.centreOfMass[2]),
    ofStanding: standing !== null && standing > 0 ? assured.margin / standing : null,
    rose,
    possibleSplit: calcPossibleSplit(pose),
    legs,
    alignment: readAlignment(pose, rose),
    freeTurn: options.withoutFreeTurn ? null : calcFreeTurn(body, stance),
    pushes: calcPushes(pose, margins.full, margins.usable),
    ...judge(pose, legs, margins.usable.nearest, assured.margin, reserve),
  }
}

const NO_ROSE: number[] = new Array(72).fill(0)

/** The person's own standing: parallel, heels a shoulder width apart, knees 15°, arms down, no support. */
export function makeStandingStance(body: Body): Stance {
  const foot = (x: number) => ({
    heel: [x, 0] as Vec2,
    toeOut: 0,
    contact: 'whole' as const,
    pressureAt: STANCE_DEFAULTS.pressureAt,
    clearance: STANCE_DEFAULTS.clearanceM,
  })
  return {
    feet: { left: foot(-body.shoulderWidth / 2), right: foot(body.shoulderWidth / 2) },
    loadLeft: 0.5,
    loadMeasured: false,
    height: { kneeFlexion: 15 * DEG },
    pelvisYaw: 0,
    pelvisTilt: 0,
    trunk: { pitch: 0, roll: 0, yaw: 0 },
    arms: { left: ARM_DOWN, right: ARM_DOWN },
    supports: [],
    frame: 'upright',
    eyes: 'open',
    floor: { slope: 0, downhill: 0 },
  }
}

/** Assured margin of the person's own standing; null where it has none (no such stance, or no margin above zero). */
export function calcStandingMargin(body: Body): number | null {
  try {
    const pose = solvePose(body, makeStandingStance(body))
    const usable = calcUsableBase(pose)
    const { margin } = calcAssured(pose, usable, viewEdges(usable.corners, pose.centre))
    return margin > 0 ? margin : null
  } catch (error) {
    if (error instanceof InputError || error instanceof InternalError) return null
    throw error
  }
}
