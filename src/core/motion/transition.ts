import type { Body } from '../body/body'
import type { Side } from '../conventions'
import { mix } from '../geometry/vector'
import type { Breath, Choices } from '../postures/choices'
import { followFeet } from './follow'
import { changeInstant, type Held, type Instant } from './instant'
import { keepFlat, keepRaised } from './join-rolls'
import { setHeights } from './key-heights'
import { countFirstHalf, instantAt, type Phase } from './phase'
import { findPlan, findPlans, followPlan, type Plan } from './plan'
import { rememberPhases } from './pose-memory'
import { type Stood, stand, tryStand } from './posing'
import type { Task } from './script'
import { smoothHeights } from './smooth'
import { CLEARANCE } from './step-limits'
import { calcShortest, calcWay, shareHalves } from './timing'

export type TimedPhase = Phase & { startS: number; seconds: number; shortest: number | null; samples: Stood[] }

export type Transition = {
  anchor: Side | null
  plan: Plan
  phases: TimedPhase[]
  /** Height that goes by time from the first stance's to the next one's, at an instant of the transition. */
  levelAt: (seconds: number) => number
}

export type IsEnough = (stood: readonly Stood[]) => boolean

export type Ask = {
  body: Body
  from: Instant
  to: Instant
  held: Held
  choices: Choices
  seconds: number
  /** Two halves of a breath share the seconds alike. */
  breath: Breath
}

/** A planned way, its phases laid out by their lengths alone: nothing of it hangs on how finely it is stood. */
export type Laid = {
  ask: Ask
  plan: Plan
  anchor: Side | null
  followed: Phase[]
  ways: number[]
  rough: Phase[]
}

export function layTransition(ask: Ask, plan: Plan, anchor: Side | null): Laid {
  const { body, held, seconds, breath } = ask
  const followed = keepRaised(body, followFeet(taskOf(ask, plan.sits), keepFlat(plan.phases)), held)
  const ways = followed.map((phase) => calcWay(body, phase, held))
  const rough = setHeights(ask, followed, shareHalves(seconds, ways, [], countFirstHalf(breath, followed)))
  return { ask, plan, anchor, followed, ways, rough }
}

/**
 * Times a way from one stance to the next, and stands every instant of it; null where that was given up.
 * @param samples intervals of a phase
 * @param quick without shortest times: phases share the seconds by their ways alone
 * @param isEnough asked after each phase, with what was stood of it: whether nothing more of the way has to be known
 * @throws InputError as an analysis does, where an instant cannot be stood
 */
export function standTransition(
  { ask, plan, anchor, followed, ways, rough }: Laid,
  samples: number,
  quick = false,
  isEnough: IsEnough = () => false,
): Transition | null {
  const { body, from, to, held, seconds } = ask
  const shortest = quick ? [] : rough.map((phase) => calcShortest(body, phase, held))
  const shared = shareHalves(seconds, ways, shortest, countFirstHalf(ask.breath, followed))
  const phases = quick ? rough : setHeights(ask, followed, shared)
  let startS = 0
  const timed: TimedPhase[] = []
  for (const [i, phase] of phases.entries()) {
    const own = shared[i] as number
    const stood = sample(ask, phase, samples)
    if (isEnough(stood)) return null
    timed.push({ ...phase, startS, seconds: own, shortest: shortest[i] ?? null, samples: stood })
    startS += own
  }
  return { anchor, plan, phases: timed, levelAt: (at) => mix(from.height, to.height, seconds > 0 ? at / seconds : 1) }
}

/** What a plan needs to know: nothing of time. */
type Planning = Omit<Ask, 'seconds' | 'breath'>

/** The cheapest way there; null where there is none. */
export const planTransition = (ask: Planning): Plan | null => findPlan(taskOf(ask, 0))

/**
 * Ways there, the cheapest first; before them a plan that is known, where it leads there still.
 * @param sits how far one sits back over the foot that carries: 0 to 1
 */
export function* planTransitions(ask: Planning, sits: number, known?: Plan): Generator<Plan, undefined> {
  const followed = known && followPlan(taskOf(ask, known.sits), known)
  if (followed) yield followed
  yield* findPlans(taskOf(ask, sits))
}

const taskOf = ({ body, from, to, held, choices }: Planning, sits: number): Task => ({
  body,
  from,
  to,
  held,
  choices,
  clearance: CLEARANCE,
  sits,
})

const sample = ({ body, held }: Ask, phase: Phase, samples: number): Stood[] =>
  rememberSamples(body, phase, held, samples, () => sampleAnew(body, held, phase, samples))

/** Every instant is kept with them: the phases of the ways to one part that are tried. */
const rememberSamples = rememberPhases<Stood[]>(256)

function sampleAnew(body: Body, held: Held, phase: Phase, samples: number): Stood[] {
  // First contact, the middle of a touch, is an instant too.
  const count = phase.kind === 'touch' ? samples + (samples % 2) : samples
  const stood: Stood[] = []
  for (let i = 0; i <= count; i++) {
    stood.push(stand(body, instantAt(phase, i / count, body.footLength), held, stood.at(-1)?.reached))
  }
  const smooth = smoothHeights(stood.map(({ instant }) => instant.height))
  return stood.map((one, i) => {
    const height = smooth[i] as number
    if (one.instant.height - height < 1e-6) return one
    return tryStand(body, changeInstant(one.instant, { height }), held, one.reached) ?? one
  })
}
