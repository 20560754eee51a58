import type { Lever } from './levers'

/** Lower is better; what may not be is Infinity. `changes` are whole notches of the levers. */
export type Objective = (changes: readonly number[]) => number

export type Found = { changes: number[]; value: number }

/** Steps from far to near, as fractions of each lever's scale; the last is a single notch. */
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
  let best = from
  for (let i = 0; i < levers.length; i++) {
    for (const si of bothWays(steps, i)) {
      best = tryMove(levers, objective, from, best, i, si, -1, 0)
    }
  }
  if (best !== from) return best
  for (let i = 0; i < levers.length; i++) {
    // A trade has to take from a lever that was moved.
    if (from.changes[i] === 0) continue
    for (let j = 0; j < levers.length; j++) {
      if (j === i) continue
      for (const si of bothWays(steps, i)) {
        for (const sj of bothWays(steps, j)) {
          best = tryMove(levers, objective, from, best, i, si, j, sj)
        }
      }
    }
    if (best !== from) return best
  }
  return best === from ? null : best
}

const bothWays = (steps: readonly number[], i: number) => [steps[i] as number, -(steps[i] as number)]

function tryMove(
  levers: readonly Lever[],
  objective: Objective,
  from: Found,
  best: Found,
  i: number,
  si: number,
  j: number,
  sj: number,
): Found {
  const changes = from.changes.slice()
  changes[i] = clamp(levers[i] as Lever, (changes[i] as number) + si)
  if (j >= 0) changes[j] = clamp(levers[j] as Lever, (changes[j] as number) + sj)
  if (changes[i] === from.changes[i] && (j < 0 || changes[j] === from.changes[j])) return best
  const value = objective(changes)
  return value < best.value ? { changes, value } : best
}

const clamp = (lever: Lever, change: number): number => Math.min(lever.high, Math.max(lever.low, change))
