import type { Body } from '../body/body'
import { DEG, otherSide, type Side } from '../conventions'
import { InputError } from '../errors'
import type { Held } from './instant'
import { verdictOf } from './judge-path'
import type { PathPart } from './path-parts'
import { type Planned, planWays, type WayAsk } from './plan-ways'
import type { Stood } from './posing'
import { type Readings, readTransition } from './readings'
import { wayOf } from './script'
import { BOB_CAUTION } from './step-limits'
import type { TimedPhase, Transition } from './transition'

/** A way from a part to the next that was made, what is held on it, and what is read off it. */
export type Way = { transition: Transition; held: Held; readings: Readings }

/** How finely a way is made: instants of a phase, without shortest times, also how long a step could be. */
export type Look = { samples: number; quick: boolean; longest: boolean }

/** So many ways are looked at where each has a fault; fewer where one neither breaks anything nor falls. */
const TRIED_MOST = { whole: 6, quick: 2, sound: 3 }
const GLANCE: Look = { samples: 6, quick: true, longest: false }

/** What a step that falls counts among the faults of a way. */
const FALLS = 20

type Tried = { planned: Planned; way: Way; faults: number }

/**
 * The best way to a part: the likeliest that shows no fault at any instant, else the one with the fewest; what a hand
 * reaches is let go of only where there is no way with it. They are glanced at, and the best of them looked at whole.
 * @returns where the part stands, and the way; or why there is none
 */
export function takeWay(ask: WayAsk, look: Look): { here: PathPart; way: Way | null; error: InputError | null } {
  const { body, before, index } = ask
  const planning = planWays(ask)
  const most = TRIED_MOST[look.quick ? 'quick' : 'whole']
  const whys: InputError[] = []
  const isGlance = look.samples === GLANCE.samples && look.quick && !look.longest
  const lookWhole = (one: Tried, best: Tried | null): Tried | null => {
    const whole = isGlance ? one : tryWay(body, one.planned, look, faultsOf(best), whys)
    return typeof whole === 'object' && whole.faults < faultsOf(best) ? whole : best
  }
  const glanced: Tried[] = []
  let least: Tried | null = null
  let best: Tried | null = null
  let tried = 0
  for (const planned of planning.ways) {
    if (least && (least.planned.holds !== planned.holds || tried >= (least.faults < FALLS ? TRIED_MOST.sound : most)))
      break
    // Nobody does more for what is only a little nearer its limit.
    if (least && least.faults < FALLS && planned.actions > least.planned.actions) continue
    const one = tryWay(body, planned, GLANCE, Math.min(faultsOf(best), faultsOf(least) + HARD), whys)
    if (one !== 'unstood') tried++
    if (typeof one === 'string') continue
    glanced.push(one)
    if (one.faults < faultsOf(least)) least = one
    if (one.faults === 0) best = lookWhole(one, best)
    if (best?.faults === 0) break
  }
  for (const one of glanced.sort((a, b) => a.faults - b.faults)) {
    if (one.faults < faultsOf(best)) best = lookWhole(one, best)
  }
  if (best) return { here: best.planned.here, way: best.way, error: null }
  const { here } = planning
  const none = whys[0] ? cannot(index, whys[0]) : new InputError(`parts.${index}`, null, { code: 'noWay' })
  return { here, way: null, error: here.error ?? before.error ?? none }
}

const faultsOf = (one: Tried | null): number => one?.faults ?? Number.POSITIVE_INFINITY

/**
 * A way as it is made; `worse` where it has as many faults as are known of another, no more of it is looked at than that
 * takes; `unstood` where an instant of it cannot be stood, and why.
 */
function tryWay(
  body: Body,
  planned: Planned,
  { samples, quick, longest }: Look,
  known: number,
  whys: InputError[],
): Tried | 'worse' | 'unstood' {
  const broken = new Map<string, number>()
  let close = 0
  try {
    const transition = planned.make(samples, quick, (stood) => {
      gatherBroken(stood, broken)
      if (stood.some((one) => verdictOf(one) === 'close')) close = CLOSE
      return HARD * broken.size + close >= known
    })
    if (!transition) return 'worse'
    const way = { transition, held: planned.held, readings: readTransition(body, transition, planned.held, longest) }
    const faults = HARD * broken.size + countExcess(broken) + close + countLesser(way)
    return faults < known ? { planned, way, faults } : 'worse'
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    whys.push(error)
    return 'unstood'
  }
}

/** What stopped a way, named by its part and why. */
const cannot = (part: number, { field, value, accepts }: InputError): InputError =>
  new InputError(`parts.${part}`, value, { code: 'transition', why: accepts.code, at: field })

/** What breaks outweighs a step that falls, that what is only just kept. */
const HARD = 100
const CLOSE = 4

/** What of some instants may not be, each once, with how far an angle goes past its limit at the most: radians. */
function gatherBroken(stood: readonly Stood[], broken: Map<string, number>): void {
  for (const { findings } of stood)
    for (const { severity, code, side, part, unit, value, limit } of findings) {
      if (severity !== 'hard') continue
      const key = `${code} ${side} ${part}`
      broken.set(key, Math.max(broken.get(key) ?? 0, unit === 'rad' ? value - limit : 0))
    }
}

/** Of two ways that break the same limit, the one goes first that goes less far past it: by 5 degrees, as much as one that is close. */
const countExcess = (broken: ReadonlyMap<string, number>): number =>
  Math.min(EXCESS_MOST, ([...broken.values()].reduce((sum, by) => sum + by, 0) / (5 * DEG)) * CLOSE)
const EXCESS_MOST = 60

/** What does not break: least of it a head that bobs, or a foot that was to land on its heel and comes down on its ball. */
function countLesser({ transition: { phases }, readings: { emptyStep, bob } }: Way): number {
  const onBall = phases.filter(
    ({ kind, foot, lands, to }, i) =>
      kind === 'touch' &&
      foot &&
      lands?.contact === 'ball' &&
      to.feet[foot].contact === 'whole' &&
      phases[i - 1]?.kind === 'reach' &&
      goesAhead(phases[i - 1] as TimedPhase, foot),
  )
  const small = onBall.length + (bob > BOB_CAUTION ? 1 : 0)
  return (emptyStep && !emptyStep.passes ? FALLS : 0) + small
}

const goesAhead = ({ from, to }: TimedPhase, foot: Side): boolean =>
  wayOf(from.feet[foot].heel, to.feet[foot].heel, to.feet[otherSide(foot)].heel, to.heading) === 'ahead'
