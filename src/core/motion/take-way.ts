import { otherSide, type Side } from '../conventions'
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

/** So many ways are looked at where each has a fault; at a glance, but for the first. */
const TRIED_MOST = { whole: 6, quick: 2 }
const GLANCE: Look = { samples: 6, quick: true, longest: false }
const isGlance = ({ samples, quick, longest }: Look) => samples === GLANCE.samples && quick && !longest

/** What a step that falls counts among the faults of a way. */
const FALLS = 20

type Tried = { planned: Planned; way: Way; faults: number }

/**
 * The best way to a part: the likeliest that shows no fault at any instant, else the one with the fewest; what a hand
 * reaches is let go of only where there is no way with it.
 * @returns where the part stands, and the way; or why there is none
 */
export function takeWay(ask: WayAsk, look: Look): { here: PathPart; way: Way | null; error: InputError | null } {
  const { body, before, index } = ask
  const planning = planWays(ask)
  let why: InputError | null = null
  /** None where it has as many faults as one that is known: no more of it is looked at than that takes. */
  const attempt = (
    planned: Planned,
    { samples, quick, longest }: Look,
    known = Number.POSITIVE_INFINITY,
  ): { one: Tried | null; isStood: boolean } => {
    try {
      const broken = new Set<string>()
      const transition = planned.make(samples, quick, (stood) => {
        listBroken(stood, broken)
        return HARD * broken.size >= known
      })
      if (!transition) return { one: null, isStood: true }
      const way = { transition, held: planned.held, readings: readTransition(body, transition, planned.held, longest) }
      const faults = HARD * broken.size + countLesser(way)
      return { one: faults < known ? { planned, way, faults } : null, isStood: true }
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      why ??= error
      return { one: null, isStood: false }
    }
  }
  let best: Tried | null = null
  let tried = 0
  for (const planned of planning.ways) {
    if (best && (best.planned.holds !== planned.holds || tried === TRIED_MOST[look.quick ? 'quick' : 'whole'])) break
    // Nobody does more for what is only a little nearer its limit.
    if (best && best.faults < FALLS && planned.actions > best.planned.actions) continue
    const { one, isStood } = attempt(planned, best ? GLANCE : look, best?.faults)
    if (isStood) tried++
    // What is better at a glance is so only if it is when it is looked at.
    const better: Tried | null = best && one && !isGlance(look) ? attempt(planned, look, best.faults).one : one
    best = better ?? best
    if (best?.faults === 0) break
  }
  if (best) return { here: best.planned.here, way: best.way, error: null }
  const { here } = planning
  const none = why ? cannot(index, why) : new InputError(`parts.${index}`, null, { code: 'noWay' })
  return { here, way: null, error: here.error ?? before.error ?? none }
}

/** What stopped a way, named by its part and why. */
const cannot = (part: number, { field, value, accepts }: InputError): InputError =>
  new InputError(`parts.${part}`, value, { code: 'transition', why: accepts.code, at: field })

/** What breaks outweighs a step that falls, that what is only just kept. */
const HARD = 100
const CLOSE = 4

/** What of some instants may not be, each once. */
function listBroken(stood: readonly Stood[], broken: Set<string>): void {
  for (const { findings } of stood)
    for (const { severity, code, side, part } of findings)
      if (severity === 'hard') broken.add(`${code} ${side} ${part}`)
}

/** What does not break: least of it a head that bobs, or a foot that was to land on its heel and comes down on its ball. */
function countLesser({ transition: { phases }, readings: { emptyStep, bob } }: Way): number {
  const close = phases.some(({ samples }) => samples.some((stood) => verdictOf(stood) === 'close'))
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
  return (emptyStep && !emptyStep.passes ? FALLS : 0) + (close ? CLOSE : 0) + small
}

const goesAhead = ({ from, to }: TimedPhase, foot: Side): boolean =>
  wayOf(from.feet[foot].heel, to.feet[foot].heel, to.feet[otherSide(foot)].heel, to.heading) === 'ahead'
