import { kneeLoad } from '../balance/legs'
import type { Body } from '../body/body'
import { DEG, SIDES, type Side } from '../conventions'
import type { Verdict } from '../limits/finding'
import { bisect } from '../numeric/bisect'
import type { IsOver } from '../variants/weigh'
import type { Path } from './path'
import { changeWay, costOf, type Way, type WayChange, walkWay } from './way-change'

/** What a way shows, of all that a change can buy. */
export type WayMarks = {
  verdict: Verdict | null
  /** How many findings are hard, and how many cautions. */
  hard: number
  cautions: number
  /** The least of assured margin less reserve, metres. */
  leastMargin: number
  /** The largest load of a knee, Nm, and its largest bend. */
  knee: number
  bend: number
  seconds: number
  /** How much longer the step is than what could be taken back; null where none steps. */
  fallsBy: number | null
}

export type SaferKind = 'nearest' | 'steadiest' | 'kindest' | 'hand'

/** A safer way: what changes, what it comes to, and the way itself. */
export type SaferWay = { kind: SaferKind; also: SaferKind[]; changes: WayChange[]; marks: WayMarks; way: Way }

export type SaferWays = { original: WayMarks; ways: SaferWay[] }

const SAMPLES = 10

const RANK: Record<Verdict, number> = { holds: 0, close: 1, beyond: 2 }
const rankOf = ({ verdict }: WayMarks): number => (verdict === null ? 3 : RANK[verdict])

/**
 * What is read off a way that was worked out.
 * @example markWay(path).verdict // => 'holds'
 */
export function markWay(path: Path): WayMarks {
  const made = path.transitions.flatMap(({ made }) => made ?? [])
  const stood = made.flatMap(({ transition }) => transition.phases.flatMap(({ samples }) => samples))
  const findings = made.flatMap(({ findings }) => findings)
  const isWhole = made.length === path.transitions.length
  const falls = made.flatMap(({ readings: { emptyStep } }) =>
    emptyStep && !emptyStep.tight ? [emptyStep.wished - emptyStep.longest] : [],
  )
  return {
    verdict: isWhole ? path.verdict : null,
    hard: findings.filter(({ severity }) => severity === 'hard').length,
    cautions: findings.filter(({ severity }) => severity === 'caution').length,
    leastMargin: isWhole ? Math.min(...made.map(({ readings }) => readings.leastMargin)) : 0,
    knee: Math.max(0, ...stood.flatMap(({ legs }) => SIDES.map((side) => kneeLoad(legs[side])))),
    bend: Math.max(0, ...stood.flatMap(({ legs }) => SIDES.map((side) => legs[side].flexion))),
    seconds: path.seconds,
    fallsBy: falls.length > 0 ? Math.max(...falls) : null,
  }
}

const LEVERS: readonly WayChange[] = [
  ...[0.75, 0.5, 0.25].map((scale): WayChange => ({ what: 'step', scale })),
  ...[-5, -10, -15, -20, 5, 10].map((degrees): WayChange => ({ what: 'knees', by: degrees * DEG })),
  ...[5, 10].map((degrees): WayChange => ({ what: 'sink', by: degrees * DEG })),
  { what: 'middle' },
  { what: 'emptied' },
  { what: 'pieces' },
  ...[1.25, 1.5, 2].map((times): WayChange => ({ what: 'seconds', times })),
  ...[0.03, 0.06, -0.03, -0.06].map((by): WayChange => ({ what: 'wider', by })),
]
const HANDS: readonly WayChange[] = SIDES.map((hand) => ({ what: 'hand', hand }))
const IN_PLACE: WayChange = { what: 'inPlace' }

type Tried = { changes: WayChange[]; cost: number; marks: WayMarks; way: Way }

/** Better as a whole: its verdict, then what is hard, what is a caution; then by what a hand would feel. */
function isBetter(a: WayMarks, b: WayMarks): boolean {
  const [x, y] = [
    [rankOf(a), a.hard, a.cautions],
    [rankOf(b), b.hard, b.cautions],
  ] as const
  for (let i = 0; i < 3; i++) if (x[i] !== y[i]) return (x[i] as number) < (y[i] as number)
  return a.leastMargin - b.leastMargin >= LEAST_GAIN || b.knee - a.knee >= LEAST_RELIEF
}
/** Metres of margin, and Nm at a knee. */
const LEAST_GAIN = 0.005
const LEAST_RELIEF = 5

const PAIRED = 6

/**
 * Safer ways from one part to the next: single changes, then the best of them in pairs; each with what it comes to.
 * Of a way that holds only what improves it. The step left out only where nothing else does.
 * @example findSaferWays(ana, way, null).original.verdict // => 'holds'
 */
export function findSaferWays(body: Body, asked: Way, anchor: Side | null, isOver: IsOver = () => false): SaferWays {
  const way = keepAnchor(asked, anchor)
  const original = markWay(walkWay(body, way, SAMPLES))
  const seen = new Map<string, Tried>()
  const tryChanges = (changes: WayChange[]): Tried | null => {
    let changed: Way | null = way
    for (const change of changes) changed = changed && changeWay(body, changed, change, anchor)
    if (!changed) return null
    const marks = markWay(walkWay(body, changed, SAMPLES, 'verdicts'))
    const tried = { changes, cost: changes.reduce((sum, one) => sum + costOf(one), 0), marks, way: changed }
    seen.set(JSON.stringify(changes), tried)
    return tried
  }
  const over = () => isOver(seen.size)
  const tryEach = (levers: readonly WayChange[]) => levers.flatMap((one) => (over() ? [] : (tryChanges([one]) ?? [])))
  const [singles, held] = [tryEach(LEVERS), tryEach(HANDS)]
  const isDone = [...singles, ...held].some(({ marks }) => rankOf(marks) === 0)
  if (!isDone || rankOf(original) > 0) pairUp(singles, held, tryChanges, over)
  const best = Math.min(...[...seen.values()].map(({ marks }) => rankOf(marks)))
  if (best >= 2 || seen.size === 0) tryChanges([IN_PLACE])
  // How long its step could be is worked out of what is offered alone.
  const whole = (one: SaferWay): SaferWay => ({ ...one, marks: markWay(walkWay(body, one.way, SAMPLES)) })
  return { original, ways: choose(original, [...seen.values()]).map(whole) }
}

/** The foot that stays is the one that stayed: another one would be another movement. */
const keepAnchor = ({ before, parts: [part, ...rest] }: Way, anchor: Side | null): Way => ({
  before,
  parts: part ? [anchor ? { ...part, anchor } : part, ...rest] : [],
})

/** Between two quarters, to a thousandth of the step: well under a millimetre. */
const QUARTER = 0.25
const FINE = 0.002

/**
 * A safer way with a shorter step, its step as long as it can be: up to the next quarter it is tried for what the
 * quarter came to, the other changes as they are. The same way where it has no shorter step.
 * @example refineStep(ana, way, null, { changes: [] }).changes // => []
 */
export function refineStep(body: Body, asked: Way, anchor: Side | null, safer: SaferWay): SaferWay {
  const way = keepAnchor(asked, anchor)
  const found = safer.changes.find((change) => change.what === 'step')
  if (!found) return safer
  let best = safer
  const holds = (scale: number): boolean => {
    const changes = safer.changes.map((change): WayChange => (change === found ? { what: 'step', scale } : change))
    const changed = changes.reduce<Way | null>((now, change) => now && changeWay(body, now, change, anchor), way)
    const marks = changed && markWay(walkWay(body, changed, SAMPLES))
    if (!changed || !marks || rankOf(marks) > rankOf(safer.marks) || marks.hard > safer.marks.hard) return false
    best = { ...safer, changes, marks, way: changed }
    return true
  }
  bisect(holds, found.scale, found.scale + QUARTER, FINE)
  return best
}

/** Two changes of different kinds, of those that alone come furthest; with a hand last. */
function pairUp(
  singles: readonly Tried[],
  held: readonly Tried[],
  tryChanges: (changes: WayChange[]) => Tried | null,
  over: () => boolean,
): void {
  const front = bestOfEach(singles).slice(0, PAIRED)
  const pairs = front.flatMap((a, i) =>
    front.slice(i + 1).flatMap((b) => (whatOf(a) === whatOf(b) ? [] : [[...a.changes, ...b.changes]])),
  )
  const [hand] = [...held].sort(byMarks)
  const withHand = hand ? front.slice(0, 3).map(({ changes }) => [...changes, ...hand.changes]) : []
  for (const changes of [...pairs, ...withHand]) {
    if (over()) return
    tryChanges(changes)
  }
}

const byMarks = (a: Tried, b: Tried): number =>
  rankOf(a.marks) - rankOf(b.marks) ||
  a.marks.hard - b.marks.hard ||
  a.marks.cautions - b.marks.cautions ||
  a.cost - b.cost

/** Of each kind of change the two that come furthest. */
function bestOfEach(tried: readonly Tried[]): Tried[] {
  const counted = new Map<string, number>()
  return [...tried].sort(byMarks).filter((one) => {
    const what = whatOf(one)
    const n = counted.get(what) ?? 0
    counted.set(what, n + 1)
    return n < 2
  })
}

const whatOf = ({ changes: [change] }: Tried): WayChange['what'] => (change as WayChange).what

const isWithHand = ({ changes }: Tried): boolean => changes.some(({ what }) => what === 'hand')

function choose(original: WayMarks, tried: readonly Tried[]): SaferWay[] {
  // What stays beyond is no advice, but where there was no way at all.
  const better = tried.filter(
    ({ marks }) => isBetter(marks, original) && (rankOf(marks) < 2 || rankOf(marks) < rankOf(original)),
  )
  const alone = better.filter((one) => !isWithHand(one))
  const top = (some: readonly Tried[]) => {
    const rank = Math.min(...some.map(({ marks }) => rankOf(marks)))
    return some.filter(({ marks }) => rankOf(marks) === rank)
  }
  const least = (some: readonly Tried[], of: (one: Tried) => readonly number[]): Tried | undefined =>
    [...some].sort((a, b) => {
      const [x, y] = [of(a), of(b)]
      const at = x.findIndex((value, i) => Math.abs(value - (y[i] as number)) > 1e-9)
      return at < 0 ? 0 : (x[at] as number) - (y[at] as number)
    })[0]
  const picks: [SaferKind, Tried | undefined][] = [
    ['nearest', least(top(alone), ({ marks, cost }) => [marks.hard, marks.cautions > 0 ? 1 : 0, cost])],
    ['steadiest', least(top(alone), ({ marks, cost }) => [-marks.leastMargin, cost])],
    ['kindest', least(top(alone), ({ marks, cost }) => [marks.knee, cost])],
    ['hand', least(top(better.filter(isWithHand)), ({ marks, cost }) => [marks.hard, cost])],
  ]
  const ways: SaferWay[] = []
  for (const [kind, pick] of picks) {
    if (!pick) continue
    const known = ways.find(({ changes }) => changes === pick.changes)
    if (known) known.also.push(kind)
    else ways.push({ kind, also: [], changes: pick.changes, marks: pick.marks, way: pick.way })
  }
  return ways
}
