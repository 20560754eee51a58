import { InputError } from '../errors'
import type { Held } from './instant'
import { verdictOf } from './judge-path'
import type { PathPart } from './path-parts'
import { planWays, type WayAsk } from './plan-ways'
import { type Readings, readTransition } from './readings'
import { BOB_CAUTION } from './step-limits'
import type { Transition } from './transition'

/** A way from a part to the next that was made, what is held on it, and what is read off it. */
export type Way = { transition: Transition; held: Held; readings: Readings }

/** So many ways are looked at where each has a fault. */
const TRIED_MOST = 6

/**
 * The best way to a part: the likeliest that shows no fault at any instant, else the one with the fewest; what a hand
 * reaches is let go of only where there is no way with it.
 * @param longest also how long a step could be
 * @returns where the part stands, and the way; or why there is none
 */
export function takeWay(ask: WayAsk, longest: boolean): { here: PathPart; way: Way | null; error: InputError | null } {
  const { body, before, index } = ask
  const planning = planWays(ask)
  let best: { here: PathPart; way: Way; faults: number; holds: boolean } | null = null
  let why: InputError | null = null
  let tried = 0
  for (const { here, held, holds, make } of planning.ways) {
    if (best && (best.holds !== holds || tried === TRIED_MOST)) break
    try {
      const transition = make()
      const readings = readTransition(body, transition, held, longest)
      const faults = countFaults({ transition, held, readings })
      tried++
      if (!best || faults < best.faults) best = { here, way: { transition, held, readings }, faults, holds }
      if (faults === 0) break
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      why ??= error
    }
  }
  if (best) return { here: best.here, way: best.way, error: null }
  const { here } = planning
  const none = why ? cannot(index, why) : new InputError(`parts.${index}`, null, { code: 'noWay' })
  return { here, way: null, error: here.error ?? before.error ?? none }
}

/** What stopped a way, named by its part and why. */
const cannot = (part: number, { field, value, accepts }: InputError): InputError =>
  new InputError(`parts.${part}`, value, { code: 'transition', why: accepts.code, at: field })

/** What breaks outweighs a step that falls, that what is only just kept, and that a head that bobs. */
function countFaults({ transition: { phases }, readings: { emptyStep, bob } }: Way): number {
  const hard = new Set<string>()
  let close = false
  for (const stood of phases.flatMap(({ samples }) => samples)) {
    close ||= verdictOf(stood) === 'close'
    for (const { severity, code, side, part } of stood.findings)
      if (severity === 'hard') hard.add(`${code} ${side} ${part}`)
  }
  return 100 * hard.size + (emptyStep && !emptyStep.passes ? 10 : 0) + (close ? 2 : 0) + (bob > BOB_CAUTION ? 1 : 0)
}
