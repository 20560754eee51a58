import { kneeLoad } from '../balance/legs'
import type { Body } from '../body/body'
import { type BySide, bySide, otherSide, SIDES, type Side } from '../conventions'
import { shareOf } from '../stance/footing'
import { type EmptyStep, testEmptyStep } from './empty-step'
import type { Held } from './instant'
import { countGathering } from './phase'
import type { Stood } from './posing'
import { pressureRange } from './pressure'
import type { Rolled } from './rolling'
import { isTurned, wayOf } from './script'
import type { TimedPhase, Transition } from './transition'

/** One turn of a foot: in which phase of its transition, and the largest share that it carried meanwhile. */
export type Turn = {
  phase: number
  foot: Side
  angle: number
  about: 'heel' | 'ball'
  load: number
  pressedRight: boolean
}

/** A foot that rolls in a phase: what of it comes up, the share that is on it there, at which instant, and how far. */
export type Roll = {
  foot: Side
  what: Rolled
  /** Whether it comes up behind what leaves; else it comes down under what arrives. */
  leaves: boolean
  share: number
  phase: number
  t: number
  liftMost: number
}

/** What is read off a transition: metres, radians, shares, seconds. */
export type Readings = {
  /** The least of assured margin less reserve, and where; the same with a foot in the air. */
  leastMargin: number
  leastMarginAt: { phase: number; t: number }
  leastSingleMargin: number | null
  emptyStep: EmptyStep | null
  bob: number
  turns: Turn[]
  rolls: Roll[]
  loadMax: BySide<number>
  /** ∫ √(M² + M_f²) dt at each knee. */
  kneeNms: BySide<number>
  /** With a foot in the air, by the leg that stands. */
  singleS: BySide<number>
  /** The longest single stretch with a foot in the air, on the other leg. */
  longestSingle: { leg: Side | null; seconds: number }
  gatherS: number
  giveS: number
  again: number
}

/** The foot in the air while the other carries; on a chair neither does. */
export const airborne = ({ stance: { feet, seat } }: Stood): Side | null =>
  seat ? null : (SIDES.find((side) => feet[side].contact === 'air') ?? null)

const spareOf = ({ balance }: Stood): number => balance.assured.margin - balance.reserve

export function readTransition(body: Body, transition: Transition, held: Held, longest = true): Readings {
  const { phases } = transition
  let leastMargin = Number.POSITIVE_INFINITY
  let leastMarginAt = { phase: 0, t: 0 }
  let leastSingleMargin = Number.POSITIVE_INFINITY
  let [high, low] = [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY]
  const loadMax = { left: 0, right: 0 }
  phases.forEach(({ samples }, phase) => {
    samples.forEach((stood, i) => {
      const spare = spareOf(stood)
      if (spare < leastMargin) {
        leastMargin = spare
        leastMarginAt = { phase, t: i / (samples.length - 1) }
      }
      if (airborne(stood)) leastSingleMargin = Math.min(leastSingleMargin, spare)
      high = Math.max(high, stood.instant.height)
      low = Math.min(low, stood.instant.height)
      for (const side of SIDES) loadMax[side] = Math.max(loadMax[side], shareOf(stood.stance, side))
    })
  })
  const [first, last] = [phases[0]?.samples[0], phases.at(-1)?.samples.at(-1)] as [Stood, Stood]
  const single = readSingle(phases)
  const seconds = (some: readonly TimedPhase[]) => some.reduce((sum, one) => sum + one.seconds, 0)
  const gathering = countGathering(phases)
  return {
    leastMargin,
    leastMarginAt,
    leastSingleMargin: Number.isFinite(leastSingleMargin) ? leastSingleMargin : null,
    emptyStep: findWorstStep(body, transition, held, longest),
    bob: Math.max(0, high - low - Math.abs(last.instant.height - first.instant.height)),
    turns: readTurns(body, phases),
    rolls: readRolls(phases),
    loadMax,
    kneeNms: bySide((side) => integrate(phases, (stood) => kneeLoad(stood.legs[side]))),
    ...single,
    gatherS: seconds(phases.slice(0, gathering)),
    giveS: seconds(phases.slice(gathering)),
    again: transition.plan.cost[1],
  }
}

/** Over time, each phase by trapezoids between its samples. */
function integrate(phases: readonly TimedPhase[], of: (stood: Stood) => number): number {
  let sum = 0
  for (const { samples, seconds } of phases) {
    const width = seconds / (samples.length - 1)
    for (let i = 1; i < samples.length; i++)
      sum += (width * (of(samples[i - 1] as Stood) + of(samples[i] as Stood))) / 2
  }
  return sum
}

/** How long one stands on each leg, and the longest single stretch on one of them. Seconds. */
export function readSingle(
  phases: readonly Pick<TimedPhase, 'samples' | 'seconds'>[],
): Pick<Readings, 'singleS' | 'longestSingle'> {
  const singleS = { left: 0, right: 0 }
  let stretch: Readings['longestSingle'] = { leg: null, seconds: 0 }
  let longest = stretch
  for (const { samples, seconds } of phases) {
    const width = seconds / (samples.length - 1)
    for (let i = 1; i < samples.length; i++) {
      const foot = airborne(samples[i - 1] as Stood) ?? airborne(samples[i] as Stood)
      const leg = foot && (foot === 'left' ? 'right' : 'left')
      if (!leg) {
        stretch = { leg: null, seconds: 0 }
        continue
      }
      singleS[leg] += width
      stretch = { leg, seconds: (stretch.leg === leg ? stretch.seconds : 0) + width }
      if (stretch.seconds > longest.seconds) longest = stretch
    }
  }
  return { singleS, longestSingle: longest }
}

/** Each foot that is rolled while weight comes or goes: where it leaves the floor, or is down again. */
function readRolls(phases: readonly TimedPhase[]): Roll[] {
  return phases.flatMap(({ kind, samples }, phase) => {
    if (kind !== 'empty' && kind !== 'commit' && kind !== 'shift') return []
    return SIDES.flatMap((foot): Roll[] => {
      const lifts = samples.map(({ stance }) => stance.feet[foot].lift)
      // A foot that is on a part of itself at both ends only stands so.
      if (lifts.every((lift) => lift === 0) || (lifts[0] !== 0 && lifts.at(-1) !== 0)) return []
      const leaves = lifts[0] === 0
      const at = leaves ? lifts.findIndex((lift) => lift !== 0) : lifts.findLastIndex((lift) => lift !== 0)
      const liftMost = lifts.reduce((most, lift) => (Math.abs(lift) > Math.abs(most) ? lift : most), 0)
      const share = shareOf((samples[at] as Stood).stance, foot)
      const what = liftMost > 0 ? 'heel' : 'toes'
      return [{ foot, what, leaves, share, phase, t: at / (samples.length - 1), liftMost }]
    })
  })
}

const REAR_THIRD = 1 / 3

function readTurns(body: Body, phases: readonly TimedPhase[]): Turn[] {
  return phases.flatMap(({ kind, foot, about, from, to, samples }, phase) => {
    if (kind !== 'turn' || !foot || !about || isTurned(from.feet[foot], to.feet[foot])) return []
    const load = Math.max(...samples.map(({ stance }) => shareOf(stance, foot)))
    const [rear, front] = pressureRange(body, foot, { ...from.feet[foot], toeOut: 0 })
    const third = rear + (front - rear) * REAR_THIRD
    const pressedRight = samples.every(({ instant }) => instant.feet[foot].pressureAt <= third + 1e-9)
    return [{ phase, foot, angle: to.feet[foot].yaw - from.feet[foot].yaw, about, load, pressedRight }]
  })
}

/** Of several steps the one that fails by most, or has least to spare. */
function findWorstStep(body: Body, { phases, levelAt }: Transition, held: Held, longest: boolean): EmptyStep | null {
  let worst: EmptyStep | null = null
  phases.forEach(({ kind, foot, startS, seconds, samples }, i) => {
    if (kind !== 'touch' || !foot || phases[i - 1]?.kind !== 'reach') return
    const contact = samples[(samples.length - 1) >> 1] as Stood
    if (contact.stance.seat) return
    const { feet } = (phases[i - 1] as TimedPhase).from
    const { feet: set, heading } = contact.instant
    const way = wayOf(feet[foot].heel, set[foot].heel, set[otherSide(foot)].heel, heading)
    const step = testEmptyStep(body, contact, { foot, way }, held, levelAt(startS + seconds / 2), longest)
    if (!worst || step.longest - step.wished < worst.longest - worst.wished) worst = step
  })
  return worst
}
