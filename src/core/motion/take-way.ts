import { otherSide, type Side } from '../conventions'
import { InputError } from '../errors'
import type { Held } from './instant'
import { verdictOf } from './judge-path'
import type { PathPart } from './path-parts'
import { type Planned, planWays, type WayAsk } from './plan-ways'
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
  const attempt = (planned: Planned, { samples, quick, longest }: Look): Tried | null => {
    try {
      const transition = planned.make(samples, quick)
      const way = { transition, held: planned.held, readings: readTransition(body, transition, planned.held, longest) }
      return { planned, way, faults: countFaults(way) }
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      why ??= error
      return null
    }
  }
  let best: Tried | null = null
  let tried = 0
  for (const planned of planning.ways) {
    if (best && (best.planned.holds !== planned.holds || tried === TRIED_MOST[look.quick ? 'quick' : 'whole'])) break
    // Nobody does more for what is only a little nearer its limit.
    if (best && best.faults < FALLS && planned.actions > best.planned.actions) continue
    const one = attempt(planned, best ? GLANCE : look)
    if (!one) continue
    tried++
    if (!best) best = one
    // What is better at a glance is so only if it is when it is looked at.
    const better: Tried | null = one.faults < best.faults ? attempt(planned, look) : null
    if (better && better.faults < best.faults) best = better
    if (best.faults === 0) break
  }
  if (best) return { here: best.planned.here, way: best.way, error: null }
  const { here } = planning
  const none = why ? cannot(index, why) : new InputError(`parts.${index}`, null, { code: 'noWay' })
  return { here, way: null, error: here.error ?? before.error ?? none }
}

/** What stopped a way, named by its part and why. */
const cannot = (part: number, { field, value, accepts }: InputError): InputError =>
  new InputError(`parts.${part}`, value, { code: 'transition', why: accepts.code, at: field })

/**
 * What breaks outweighs a step that falls, that what is only just kept, and that a head that bobs or a foot that was to
 * land on its heel and comes down on its ball.
 */
function countFaults({ transition: { phases }, readings: { emptyStep, bob } }: Way): number {
  const hard = new Set<string>()
  let close = false
  for (const stood of phases.flatMap(({ samples }) => samples)) {
    close ||= verdictOf(stood) === 'close'
    for (const { severity, code, side, part } of stood.findings)
      if (severity === 'hard') hard.add(`${code} ${side} ${part}`)
  }
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
  return 100 * hard.size + (emptyStep && !emptyStep.passes ? FALLS : 0) + (close ? 4 : 0) + small
}

const goesAhead = ({ from, to }: TimedPhase, foot: Side): boolean =>
  wayOf(from.feet[foot].heel, to.feet[foot].heel, to.feet[otherSide(foot)].heel, to.heading) === 'ahead'
