import type { Analysis, Verdict } from '@/core'

/** What a posture asks of some people: how many it is too much for, and how near the edge it brings them. */
export type Demand = { weight: number; spare: number }

const WEIGHT: Record<Verdict, number> = { beyond: 2, close: 1, holds: 0 }

/**
 * A stance that cannot be stood weighs as one past the edge. What is sure of the margin counts in reserves, from the
 * edge inwards: how far past it somebody is has been weighed, and one person far past an order is not the whole class.
 */
export function rateDemand(analyses: readonly (Analysis | null)[]): Demand {
  let weight = 0
  let spare = 0
  for (const analysis of analyses) {
    weight += analysis ? WEIGHT[analysis.verdict] : WEIGHT.beyond
    spare += analysis ? Math.max(0, analysis.assured.margin) / analysis.reserve : 0
  }
  return { weight, spare: spare / Math.max(1, analyses.length) }
}

/** The least demanding first. */
export const compareDemand = (a: Demand, b: Demand): number => a.weight - b.weight || b.spare - a.spare
