import { calcUsableBase } from '../balance/base'
import { kneeLoad, type LegReading, readLegs } from '../balance/legs'
import { viewEdges } from '../balance/margins'
import { calcAssured, listBodyErrors } from '../balance/uncertainty'
import type { Body } from '../body/body'
import type { BySide } from '../conventions'
import { InputError } from '../errors'
import type { Finding, Verdict } from '../limits/finding'
import { calcReserve, countsForVerdict, judge } from '../limits/judge'
import { settle, solvePose } from '../pose/pose'
import { checkFooting } from '../stance/check'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'

/** A candidate as a search sees it. */
export type Weighed = {
  verdict: Verdict
  /** Holds, and brings no caution that the original does not have. */
  passes: boolean
  assured: number
  reserve: number
  /** The larger of the two knees' external moments. */
  kneeLoad: number
  /** How far it is from passing: 0 where it passes, else larger the further. */
  violation: number
  /** Posed and judged, rather than left at a margin that was short. */
  whole: boolean
}

const IMPOSSIBLE: Weighed = {
  verdict: 'beyond',
  passes: false,
  assured: Number.NEGATIVE_INFINITY,
  reserve: 0,
  kneeLoad: Number.POSITIVE_INFINITY,
  violation: 1000,
  whole: true,
}

/** Metres, radians and shares by which a violation counts 1. */
const UNIT_SCALE = { m: 0.01, rad: 0.15, share: 0.1 }

/** Counts and weighs candidates against what the original already shows. */
export class Scale {
  count = 0

  constructor(
    private readonly body: Body,
    private readonly knownCautions: ReadonlySet<string>,
  ) {}

  /**
   * Weighs a stance. A candidate whose margin is short is not posed at all: standing, its margin needs no pose, and
   * that is what most candidates fail by.
   */
  weigh(stance: Stance, leastMargin = Number.NEGATIVE_INFINITY): Weighed {
    this.count++
    try {
      const footing = setFooting(this.body, stance)
      checkFooting(footing)
      const reserve = calcReserve(footing)
      if (stance.seat) return this.weighSeated(stance)
      const usable = calcUsableBase(footing)
      const views = viewEdges(usable, footing.centre)
      const { margin } = calcAssured(footing, usable, views)
      const short = Math.max(0, reserve - margin) / UNIT_SCALE.m
      if (margin < leastMargin) return { ...IMPOSSIBLE, assured: margin, reserve, violation: 100 + short, whole: false }
      const settled = settle(footing)
      const legs = readLegs(footing, settled.legs)
      const nearest = Math.min(...views.map((view) => view.distance))
      const { findings, verdict } = judge(footing, legs, nearest, margin, reserve)
      const violation = short + this.sumViolations(findings, legs)
      const load = Math.max(kneeLoad(legs.left), kneeLoad(legs.right))
      return {
        verdict,
        passes: verdict === 'holds' && violation === 0,
        assured: margin,
        reserve,
        kneeLoad: load,
        violation,
        whole: true,
      }
    } catch (error) {
      if (error instanceof InputError) return IMPOSSIBLE
      throw error
    }
  }

  private weighSeated(stance: Stance): Weighed {
    const pose = solvePose(setFooting(this.body, stance))
    const usable = calcUsableBase(pose)
    const views = viewEdges(usable, pose.centre)
    const reserve = calcReserve(pose)
    const { margin } = calcAssured(pose, usable, views, listBodyErrors(pose))
    const nearest = Math.min(...views.map((view) => view.distance))
    const legs = readLegs(pose, pose.legs)
    const { findings, verdict } = judge(pose, legs, nearest, margin, reserve)
    const violation = Math.max(0, reserve - margin) / UNIT_SCALE.m + this.sumViolations(findings, legs)
    return { verdict, passes: verdict === 'holds', assured: margin, reserve, kneeLoad: 0, violation, whole: true }
  }

  /** What counts for the verdict, and cautions that the original does not show. */
  private sumViolations(findings: readonly Finding[], legs: BySide<LegReading>): number {
    let sum = 0
    for (const finding of findings) {
      if (finding.severity === 'note' || finding.code === 'balance.reserve') continue
      if (!countsForVerdict(finding, legs) && this.knownCautions.has(keyOf(finding))) continue
      const over = Math.abs(finding.value - finding.limit) / UNIT_SCALE[finding.unit]
      sum += (finding.severity === 'hard' ? 1 : 0.3) + over
    }
    return sum
  }
}

/** A caution at a place; the same one twice is one. */
export const keyOf = (finding: Finding): string => `${finding.code} ${finding.where}`
