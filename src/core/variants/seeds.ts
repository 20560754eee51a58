import { descend, type Found } from './compass'
import { calcDistance, type Lever, type LeverId } from './levers'
import type { Weighed } from './weigh'

export type Weigh = (changes: readonly number[], least: number) => Weighed

const STEPS = 12
const PAIR_STEPS = 5
/** The levers that move margins and joints most; pairs of these are looked through together. */
const MAIN: ReadonlySet<LeverId> = new Set(['step', 'width', 'toeOutLeft', 'toeOutRight', 'height', 'share'])
const WIDEST: ReadonlySet<LeverId> = new Set(['step', 'width', 'height', 'share'])
const GRID_PARTS = [-0.8, -0.4, 0, 0.4, 0.8]
const MOST_SEEDS = 3
const MOST_WALKS = 6

/**
 * Places to begin the nearest search from: the first passing step along each lever, the passing points of a coarse
 * grid over each pair of main levers, and where walking down the violation ends. The nearest few, each a different
 * set of levers.
 */
export function findSeeds(levers: readonly Lever[], weigh: Weigh, reserve: number): number[][] {
  const passing: { changes: number[]; distance: number; moved: string }[] = []
  const consider = (changes: number[]): boolean => {
    if (!weigh(changes, reserve).passes) return false
    const moved = changes.map((c) => (c === 0 ? '-' : '+')).join('')
    passing.push({ changes, distance: calcDistance(levers, changes), moved })
    return true
  }
  const zero = levers.map(() => 0)
  levers.forEach((lever, i) => {
    for (const end of [lever.low, lever.high]) {
      for (let k = 1; k <= STEPS && end !== 0; k++) if (consider(withChange(zero, i, part(end, k / STEPS)))) break
    }
  })
  levers.forEach((a, i) => {
    for (let j = i + 1; j < levers.length; j++) {
      const b = levers[j] as Lever
      if (MAIN.has(a.id) && MAIN.has(b.id)) considerGrid(a, i, b, j, zero, consider)
    }
  })
  consider(findLeastViolation(levers, weigh).changes)
  if (passing.length === 0)
    for (const start of listLeastViolated(levers, weigh)) consider(walkDown(levers, weigh, start))
  passing.sort((a, b) => a.distance - b.distance)
  if (passing[0]) for (const traded of listTraded(levers, weigh, reserve, passing[0].changes)) consider(traded)
  passing.sort((a, b) => a.distance - b.distance)
  const seeds = new Map<string, number[]>()
  for (const { moved, changes } of passing) {
    if (seeds.size < MOST_SEEDS && !seeds.has(moved)) seeds.set(moved, changes)
  }
  return [...seeds.values()]
}

const TRADES = [0.5, 1]

/** What passes with less of one change for some of another lever's: three at once, where pairs alone stop short. */
function listTraded(levers: readonly Lever[], weigh: Weigh, reserve: number, from: readonly number[]): number[][] {
  return levers.flatMap((lever, i) => {
    if (from[i] !== 0 || !WIDEST.has(lever.id)) return []
    return [lever.low, lever.high].flatMap((end) =>
      end === 0 ? [] : TRADES.map((fraction) => drawBack(weigh, reserve, withChange(from, i, part(end, fraction)), i)),
    )
  })
}

/** Every change but one drawn back as far as it still passes. */
function drawBack(weigh: Weigh, reserve: number, from: readonly number[], kept: number): number[] {
  let changes = [...from]
  for (const [i, change] of from.entries()) {
    if (i === kept || change === 0) continue
    let [low, high] = [0, Math.abs(change)]
    while (high - low > 1) {
      const middle = (low + high) >> 1
      if (weigh(withChange(changes, i, Math.sign(change) * middle), reserve).passes) high = middle
      else low = middle
    }
    changes = withChange(changes, i, Math.sign(change) * high)
  }
  return changes
}

/** Where walking down the violation from the original ends. */
export function findLeastViolation(levers: readonly Lever[], weigh: Weigh): Found {
  return descendViolation(
    levers,
    weigh,
    levers.map(() => 0),
  )
}

const walkDown = (levers: readonly Lever[], weigh: Weigh, from: number[]) =>
  descendViolation(levers, weigh, from).changes

function descendViolation(levers: readonly Lever[], weigh: Weigh, from: number[]): Found {
  const objective = (changes: readonly number[]) => weigh(changes, Number.NEGATIVE_INFINITY).violation
  return descend(levers, objective, { changes: from, value: objective(from) })
}

/** The least violated points of a coarse grid over all the widest levers: where to walk from when nothing passes. */
function listLeastViolated(levers: readonly Lever[], weigh: Weigh): number[][] {
  let grid: number[][] = [levers.map(() => 0)]
  levers.forEach((lever, i) => {
    if (!WIDEST.has(lever.id)) return
    const places = GRID_PARTS.map((fraction) => part(fraction < 0 ? lever.low : lever.high, Math.abs(fraction)))
    grid = grid.flatMap((changes) => places.map((place) => withChange(changes, i, place)))
  })
  const weighed = grid.map((changes) => ({ changes, violation: weigh(changes, Number.NEGATIVE_INFINITY).violation }))
  weighed.sort((a, b) => a.violation - b.violation)
  return weighed.slice(0, MOST_WALKS).map(({ changes }) => changes)
}

function considerGrid(
  a: Lever,
  i: number,
  b: Lever,
  j: number,
  zero: number[],
  consider: (changes: number[]) => boolean,
): void {
  for (const endA of [a.low, a.high]) {
    for (const endB of [b.low, b.high]) {
      if (endA === 0 || endB === 0) continue
      // Outward until something passes: farther points of the same quarter only cost more.
      for (let sum = 2; sum <= 2 * PAIR_STEPS; sum++) {
        let found = false
        for (let k = Math.max(1, sum - PAIR_STEPS); k <= Math.min(PAIR_STEPS, sum - 1); k++) {
          const changes = withChange(zero, i, part(endA, k / PAIR_STEPS))
          found = consider(withChange(changes, j, part(endB, (sum - k) / PAIR_STEPS))) || found
        }
        if (found) break
      }
    }
  }
}

/** A part of a lever's reach, outward to a whole notch. */
const part = (end: number, fraction: number): number => Math.sign(end) * Math.ceil(Math.abs(end) * fraction)

const withChange = (changes: readonly number[], i: number, change: number): number[] => {
  const next = changes.slice()
  next[i] = change
  return next
}
