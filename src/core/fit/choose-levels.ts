/** Which candidates are the levels, who does which, and what it costs in all. */
export type Choice = {
  /** Indices of candidates, the nearest to as taught first. */
  levels: number[]
  /** For each person the place in `levels`, or -1 where none passes. */
  of: number[]
  unfitted: number
  /** Sum of what everybody who is fitted changes. */
  total: number
}

type Column = { index: number; costs: Float64Array }

/** Nobody is left out to save others some change. */
const LEFT_OUT = 1e6

/** Weighs what was only known from below: the true cost of a candidate for a person. */
export type Ask = (person: number, candidate: number) => number

/**
 * The set of at most `most` candidates that leaves the fewest people without, and among those the one with the least
 * total change. Exact: candidates that another beats for everybody are dropped, then branch and bound over the rest.
 * Costs known only from below are asked for when a set depends on them, until the best set rests on none: a set that
 * is best even so is best. Fewer levels before more.
 * @param costs for each person what each candidate costs them, infinity where it does not pass; filled in by `ask`
 * @param isExact whether a cost was weighed; not given: all were
 * @param isOver ends the search with the best set so far
 */
export function chooseLevels(
  costs: readonly Float64Array[],
  most: number,
  isExact: (person: number, candidate: number) => boolean = () => true,
  ask: Ask = () => Number.POSITIVE_INFINITY,
  isOver: () => boolean = () => false,
): Choice {
  for (;;) {
    const choice = readChoice(costs, findBest(costs, most, isOver))
    let changed = false
    choice.of.forEach((place, person) => {
      const candidate = choice.levels[place]
      if (candidate === undefined || isExact(person, candidate)) return
      const row = costs[person] as Float64Array
      const cost = ask(person, candidate)
      changed ||= cost > (row[candidate] as number)
      row[candidate] = cost
    })
    if (!changed) return choice
  }
}

function findBest(costs: readonly Float64Array[], most: number, isOver: () => boolean): number[] {
  const count = costs[0]?.length ?? 0
  const columns = dropBeaten(
    Array.from(
      { length: count },
      (_, index): Column => ({
        index,
        costs: Float64Array.from(costs, (row) => Math.min(row[index] as number, LEFT_OUT)),
      }),
    ),
  )
  const levels = new Search(columns, costs.length, isOver).run(most)
  return levels.map((column) => column.index).sort((a, b) => a - b)
}

/** Who does which of given levels: each the cheapest that passes, the first of equals. */
export function readChoice(costs: readonly Float64Array[], levels: readonly number[]): Choice {
  let unfitted = 0
  let total = 0
  const of = costs.map((row) => {
    let best = -1
    let least = Number.POSITIVE_INFINITY
    levels.forEach((index, place) => {
      const cost = row[index] as number
      if (cost < least) {
        least = cost
        best = place
      }
    })
    if (best < 0) unfitted++
    else total += least
    return best
  })
  // A level that nobody does is none.
  const used = levels.map((_, place) => of.includes(place))
  const places = levels.map((_, place) => used.slice(0, place).filter(Boolean).length)
  return {
    levels: levels.filter((_, place) => used[place]),
    of: of.map((place) => (place < 0 ? -1 : (places[place] as number))),
    unfitted,
    total,
  }
}

/** A column that an earlier or better one beats for everybody can be left out of an optimum. */
function dropBeaten(columns: Column[]): Column[] {
  const kept: Column[] = []
  const sums = new Map(columns.map((column) => [column, column.costs.reduce((a, b) => a + b, 0)]))
  const order = [...columns].sort((a, b) => (sums.get(a) as number) - (sums.get(b) as number) || a.index - b.index)
  for (const column of order) {
    if (column.costs.every((cost) => cost >= LEFT_OUT)) continue
    if (!kept.some((other) => beats(other.costs, column.costs))) kept.push(column)
  }
  return kept
}

function beats(a: Float64Array, b: Float64Array): boolean {
  for (let i = 0; i < a.length; i++) if ((a[i] as number) > (b[i] as number)) return false
  return true
}

/** Depth first over columns, the cheapest alone first; a branch ends where even every later column could not better it. */
class Search {
  private best: Column[] = []
  private bestCost: number
  /** For each column on: the least that it or any later one costs each person. */
  private readonly later: Float64Array[]

  constructor(
    private readonly columns: readonly Column[],
    private readonly people: number,
    private readonly isOver: () => boolean,
  ) {
    this.bestCost = people * LEFT_OUT
    this.later = new Array(columns.length + 1)
    this.later[columns.length] = new Float64Array(people).fill(LEFT_OUT)
    for (let i = columns.length - 1; i >= 0; i--) {
      const next = this.later[i + 1] as Float64Array
      this.later[i] = Float64Array.from(next, (cost, p) => Math.min(cost, columns[i]?.costs[p] as number))
    }
  }

  run(most: number): Column[] {
    for (let size = 1; size <= most; size++) this.extend([], new Float64Array(this.people).fill(LEFT_OUT), 0, size)
    return this.best
  }

  private extend(chosen: Column[], costs: Float64Array, from: number, left: number): void {
    for (let i = from; i <= this.columns.length - left; i++) {
      if (this.isOver()) return
      if (!(this.sumWith(costs, this.later[i] as Float64Array) < this.bestCost - 1e-9)) return
      const column = this.columns[i] as Column
      if (left === 1) {
        const cost = this.sumWith(costs, column.costs)
        if (cost < this.bestCost - 1e-9) {
          this.bestCost = cost
          this.best = [...chosen, column]
        }
        continue
      }
      const next = Float64Array.from(costs, (cost, p) => Math.min(cost, column.costs[p] as number))
      this.extend([...chosen, column], next, i + 1, left - 1)
    }
  }

  private sumWith(a: Float64Array, b: Float64Array): number {
    let sum = 0
    for (let p = 0; p < this.people; p++) sum += Math.min(a[p] as number, b[p] as number)
    return sum
  }
}
