import { tryAnalyse } from '../analysis'
import type { Body } from '../body/body'
import type { Side } from '../conventions'
import type { Candidate } from '../postures/candidates'
import { layOut } from '../postures/measures'
import type { Feature, Stance } from '../stance/stance'
import { meetDemands } from '../variants/demands'
import { listChairs } from '../variants/hold'
import { boundTeachable, readOwnStanding } from '../variants/teachable'
import { type IsOver, knowFindings, Scale, SearchCut } from '../variants/weigh'
import { isAsSaid } from './as-said'

/** A hand on a support counts as this much change, as for variants. */
const HOLD_COST = 2

/** A chair back widens the base by its share of the way to the hand: never by more than this, in metres. */
const HAND_BUYS = 0.1

/** What is taught: its measures, named side, and what it is for. */
export type Taught = { posture: string; side: Side; keeps: readonly Feature[] }

/**
 * One person against every candidate: what it would cost them, infinity where it does not pass. For somebody who does
 * the posture as taught most are only known from below (the candidate's distance) until they are asked for: `exact` is
 * 1 where the cost was weighed; `cut`: the weighing was ended before it was done.
 */
export type Weighings = { costs: Float64Array; exact: Uint8Array; cut: boolean }

/** Weighs versions of one posture for one body; `pass` answers with the stance in which a candidate passes. */
export class LevelScale {
  private readonly scale: Scale
  private readonly needsHold: boolean
  private cut = false

  constructor(
    private readonly body: Body,
    private readonly taught: Taught,
    asTaught: Candidate,
    private readonly chairs: boolean,
    isOver?: IsOver,
  ) {
    // What somebody shows in the posture as taught, another version need not be better than.
    const stance = this.lay(asTaught)
    const original = tryAnalyse(body, stance)
    const bounds = boundTeachable(body, stance, original, readOwnStanding(body))
    this.scale = new Scale(body, knowFindings(original?.findings ?? []), bounds, isOver)
    this.needsHold = body.person.limits?.support !== undefined
  }

  /** The stance in which the person passes, bare where that does; null where none does. */
  pass(candidate: Candidate): Stance | null {
    const stance = this.lay(candidate)
    if (this.body.person.limits?.seatedOnly && !stance.seat) return null
    const met = meetDemands(this.body, stance)
    if (met.length > 1) return this.findSteadiest(met)
    const bare = this.scale.weigh(met[0], this.reserve)
    if (bare.passes) return met[0]
    // A hand mends a margin, never a joint.
    const margin = bare.assured < bare.reserve && bare.reserve - bare.assured <= HAND_BUYS
    if (!margin || stance.seat || !this.chairs) return null
    return this.findSteadiest(listChairs(this.body, met[0]))
  }

  private findSteadiest(stances: readonly Stance[]): Stance | null {
    let best: { stance: Stance; assured: number } | null = null
    for (const stance of stances) {
      const { passes, assured } = this.scale.weigh(stance, this.reserve)
      if (passes && (!best || assured > best.assured + 1e-9)) best = { stance, assured }
    }
    return best?.stance ?? null
  }

  /**
   * What a candidate costs: its distance, a hand on a support on top where they do not hold on anyway. A version whose
   * height cannot be had as it is said is none; as taught is what it is.
   */
  calcCost(candidate: Candidate): number {
    const stance = this.pass(candidate)
    if (stance === null) return Number.POSITIVE_INFINITY
    if (candidate.distance > 0 && !isAsSaid(this.body, this.lay(candidate))) return Number.POSITIVE_INFINITY
    return candidate.distance + (stance.supports.length > 0 && !this.needsHold ? HOLD_COST : 0)
  }

  /** Weighs every candidate; only the first for somebody who passes as taught with nothing changed. */
  weighAll(candidates: readonly Candidate[]): Weighings {
    const costs = Float64Array.from(candidates, ({ distance }) => distance)
    const exact = new Uint8Array(candidates.length)
    for (let i = 0; i < candidates.length; i++) {
      costs[i] = this.tryCost(candidates[i] as Candidate)
      exact[i] = 1
      if (i === 0 && costs[0] === 0) break
    }
    return { costs, exact, cut: this.cut }
  }

  /** What nobody had time to weigh is not known to pass. */
  private tryCost(candidate: Candidate): number {
    if (this.cut) return Number.POSITIVE_INFINITY
    try {
      return this.calcCost(candidate)
    } catch (error) {
      if (!(error instanceof SearchCut)) throw error
      this.cut = true
      return Number.POSITIVE_INFINITY
    }
  }

  private lay({ measures }: Candidate): Stance {
    const { side, posture, keeps } = this.taught
    return layOut(measures, this.body, side, posture, keeps)
  }

  /** The least reserve that applies: a candidate short of it is not posed at all. */
  private get reserve(): number {
    return Math.min(this.body.swayReserve, this.body.swayReserveOneFoot)
  }
}
