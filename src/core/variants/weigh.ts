import { judgeTaken, type Taken, takeStance } from '../assess'
import type { Balance } from '../balance/balance'
import { kneeLoad, type LegReading } from '../balance/legs'
import { calcSideways } from '../balance/margins'
import type { Body } from '../body/body'
import type { BySide } from '../conventions'
import { InputError } from '../errors'
import type { Finding, Severity, Verdict } from '../limits/finding'
import { countsForVerdict } from '../limits/judge'
import type { Settled } from '../pose/pose'
import type { Stance } from '../stance/stance'
import { sumUnteachable, type Teachable } from './teachable'

/** A candidate as a search sees it. */
export type Weighed = {
  verdict: Verdict
  /** Holds, and brings no finding of any severity that the original does not have. */
  passes: boolean
  assured: number
  /** To the nearer side, metres. */
  sideways: number
  reserve: number
  /** The larger of the two knees' external moments. */
  kneeLoad: number
  /** How far it is from passing: 0 where it passes, else larger the further. */
  violation: number
  /** No narrower, no less steady sideways, no straighter and no further turned than a teacher would have it. */
  teachable: boolean
  /** Posed and judged, rather than left at a margin that was short. */
  whole: boolean
}

/** What somebody shows in the original, by code and place: a variant need not be better than that. */
export type KnownFindings = ReadonlyMap<string, Severity>

export const knowFindings = (findings: readonly Finding[]): KnownFindings =>
  new Map(findings.map((finding) => [keyOf(finding), finding.severity]))

/** How much a finding counts besides how far it is past its limit. */
const WEIGHT: Record<Severity, number> = { hard: 1, caution: 0.3, note: 0.1 }

const IMPOSSIBLE: Weighed = {
  verdict: 'beyond',
  passes: false,
  assured: Number.NEGATIVE_INFINITY,
  sideways: 0,
  reserve: 0,
  kneeLoad: Number.POSITIVE_INFINITY,
  violation: 1000,
  teachable: false,
  whole: true,
}

/** Metres, radians, shares and seconds by which a violation counts 1. */
const UNIT_SCALE = { m: 0.01, rad: 0.15, share: 0.1, s: 10, times: 1 }

/** The search is over before it is done: whoever searches answers with the best until then. */
export class SearchCut extends Error {}

/** Whether a search has to end, asked with how many candidates were weighed. */
export type IsOver = (weighed: number) => boolean

/** Counts and weighs candidates against what the original already shows. */
export class Scale {
  count = 0
  /** The candidate before, as far as it was worked out: most candidates are neighbours. */
  private taken: Taken | null = null
  private settled: Settled | null = null

  constructor(
    private readonly body: Body,
    private readonly known: KnownFindings,
    private readonly bounds: Teachable | null = null,
    private readonly isOver: IsOver = () => false,
  ) {}

  /**
   * Weighs a stance. A candidate whose margin is short is not posed at all: standing, its margin needs no pose, and
   * that is what most candidates fail by.
   * @throws SearchCut where the search is over
   */
  weigh(stance: Stance, leastMargin = Number.NEGATIVE_INFINITY): Weighed {
    if (this.isOver(this.count)) throw new SearchCut()
    this.count++
    try {
      const taken = takeStance(this.body, stance, this.taken)
      this.taken = taken
      const { assured, reserve } = taken.balance
      if (assured.margin < leastMargin) {
        const violation = 100 + calcShort(taken.balance)
        return { ...IMPOSSIBLE, assured: assured.margin, reserve, violation, whole: false }
      }
      return this.weighWhole(taken)
    } catch (error) {
      if (error instanceof InputError) return IMPOSSIBLE
      throw error
    }
  }

  private weighWhole(taken: Taken): Weighed {
    const { settled, legs, findings, verdict } = judgeTaken(taken, this.settled)
    this.settled = settled
    const { assured, reserve } = taken.balance
    const { usable } = taken.balance
    const { stance, centre } = taken.footing
    const sideways = calcSideways(usable, centre)
    const unteachable = this.bounds ? sumUnteachable(this.bounds, stance, sideways, legs) : 0
    const violation = calcShort(taken.balance) + this.sumViolations(findings, legs) + unteachable
    return {
      verdict,
      passes: verdict === 'holds' && violation === 0,
      assured: assured.margin,
      sideways,
      reserve,
      kneeLoad: Math.max(kneeLoad(legs.left), kneeLoad(legs.right)),
      violation,
      teachable: unteachable === 0,
      whole: true,
    }
  }

  /** What counts for the verdict, and what the original does not show, or shows as less. */
  private sumViolations(findings: readonly Finding[], legs: BySide<LegReading>): number {
    let sum = 0
    for (const finding of findings) {
      if (finding.code === 'balance.reserve') continue
      const known = this.known.get(keyOf(finding))
      if (!countsForVerdict(finding, legs) && known && WEIGHT[finding.severity] <= WEIGHT[known]) continue
      sum += WEIGHT[finding.severity] + Math.abs(finding.value - finding.limit) / UNIT_SCALE[finding.unit]
    }
    return sum
  }
}

/** By how many units the assured margin is short of the reserve. */
const calcShort = ({ assured, reserve }: Balance): number => Math.max(0, reserve - assured.margin) / UNIT_SCALE.m

/** A finding at a place; the same one twice is one. */
export const keyOf = (finding: Finding): string => `${finding.code} ${finding.side} ${finding.part}`
