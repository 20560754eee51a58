import { clamp } from '../numeric/clamp'
import type { Lever } from './levers'

/** Lower is better; what may not be is Infinity. `changes` are whole notches of the levers. */
export type Objective = (changes: readonly number[]) => number

export type Found = { changes: number[]; value: number }

/** Steps from far to near, as fractions of each lever's scale; the last is a single notch. */
const MOST_FOR_TRIPLES = 4
const NEAR = [0.25, 0.12, 0] as const
const FAR = [1, 0.5, ...NEAR] as const

/**
 * Compass search with trades: from a seed, steps along each lever and along each pair of levers (one that was moved,
 * and another), keeping what is best, going to finer steps down to one notch when nothing is better. Deterministic:
 * the order of the directions is fixed. Finds a local optimum; seeds decide which.
 */
export function descend(levers: readonly Lever[], objective: Objective, seed: Found, far = true): Found {
  let best = seed
  for (const fraction of far ? FAR : NEAR) {
    const steps = levers.map((lever) => Math.max(1, Math.round((fraction * lever.scale) / lever.notch)))
    for (;;) {
      const better = tryZeroes(levers, objective, best) ?? tryDirections(levers, objective, best, steps)
      if (!better) break
      best = better
    }
  }
  return best
}

/** Putting a lever back where it was is what makes a variant change few things. */
function tryZeroes(levers: readonly Lever[], objective: Objective, from: Found): Found | null {
  for (let i = 0; i < levers.length; i++) {
    if (from.changes[i] === 0) continue
    const changes = from.changes.slice()
    changes[i] = 0
    const value = objective(changes)
    if (value < from.value) return { changes, value }
  }
  return null
}

function tryDirections(
  levers: readonly Lever[],
  objective: Objective,
  from: Found,
  steps: readonly number[],
): Found | null {
  const walk = new Walk(levers, objective, from)
  for (let i = 0; i < levers.length; i++) for (const di of bothWays(steps, i)) walk.try([i, di])
  if (walk.best !== from) return walk.best
  // A trade has to take from a lever that was moved.
  const moved = levers.map((_, i) => i).filter((i) => from.changes[i] !== 0)
  for (const i of moved) {
    for (let j = 0; j < levers.length; j++) {
      if (j === i) continue
      for (const di of bothWays(steps, i)) for (const dj of bothWays(steps, j)) walk.try([i, di], [j, dj])
    }
  }
  if (walk.best !== from) return walk.best
  // Where two limits meet, only three levers together can move along both; of many moved levers, pairs do.
  if (moved.length > MOST_FOR_TRIPLES) return null
  for (const [i, j, k] of listTriples(moved)) {
    for (const di of bothWays(steps, i))
      for (const dj of bothWays(steps, j)) for (const dk of bothWays(steps, k)) walk.try([i, di], [j, dj], [k, dk])
  }
  return walk.best === from ? null : walk.best
}

function listTriples(of: readonly number[]): [number, number, number][] {
  return of.flatMap((i, a) =>
    of.slice(a + 1).flatMap((j, b) => of.slice(a + b + 2).map((k): [number, number, number] => [i, j, k])),
  )
}

const bothWays = (steps: readonly number[], i: number) => [steps[i] as number, -(steps[i] as number)]

/** Steps tried from one place, and the best of them. */
class Walk {
  best: Found

  constructor(
    private readonly levers: readonly Lever[],
    private readonly objective: Objective,
    private readonly from: Found,
  ) {
    this.best = from
  }

  try(...steps: [lever: number, notches: number][]): void {
    const changes = this.from.changes.slice()
    for (const [i, notches] of steps) {
      const { low, high } = this.levers[i] as Lever
      const change = clamp((changes[i] as number) + notches, low, high)
      if (change === changes[i]) return
      changes[i] = change
    }
    const value = this.objective(changes)
    if (value < this.best.value) this.best = { changes, value }
  }
}
