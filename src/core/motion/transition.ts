import type { Body } from '../body/body'
import type { Side } from '../conventions'
import { mix } from '../geometry/vector'
import type { Choices } from '../postures/choices'

import { followFeet } from './follow'
import { changeInstant, type Held, type Instant } from './instant'
import { instantAt, type Phase } from './phase'
import { findPlan, followPlan, type Plan } from './plan'
import { type Stood, stand, tryPose, tryStand } from './posing'
import { CLEARANCE, type Task } from './script'
import { smoothHeights } from './smooth'
import { calcShortest, calcWay, shareSeconds } from './timing'

export type TimedPhase = Phase & { startS: number; seconds: number; shortest: number | null; samples: Stood[] }

export type Transition = {
  anchor: Side | null
  plan: Plan
  phases: TimedPhase[]
  /** Height that goes by time from the first stance's to the next one's, at an instant of the transition. */
  levelAt: (seconds: number) => number
}

export type Ask = {
  body: Body
  from: Instant
  to: Instant
  held: Held
  choices: Choices
  seconds: number
  /** Intervals of a phase. */
  samples: number
  /** Without shortest times: phases share the seconds by their ways alone. */
  quick?: boolean
}

/**
 * Times a planned way from one stance to the next, and stands every instant of it.
 * @throws InputError as an analysis does, where an instant cannot be stood
 */
export function makeTransition(ask: Ask, plan: Plan, anchor: Side | null): Transition {
  const { body, from, to, held, seconds } = ask
  const followed = followFeet(taskOf(ask, plan.sits), plan.phases)
  const ways = followed.map((phase) => calcWay(body, phase, held))
  const rough = setHeights(ask, followed, shareSeconds(seconds, ways, []))
  const shortest = ask.quick ? [] : rough.map((phase) => calcShortest(body, phase, held))
  const shared = shareSeconds(seconds, ways, shortest)
  const phases = ask.quick ? rough : setHeights(ask, followed, shared)
  let startS = 0
  const timed = phases.map((phase, i) => {
    const own = shared[i] as number
    const made = { ...phase, startS, seconds: own, shortest: shortest[i] ?? null, samples: sample(ask, phase) }
    startS += own
    return made
  })
  return { anchor, plan, phases: timed, levelAt: (at) => mix(from.height, to.height, seconds > 0 ? at / seconds : 1) }
}

/**
 * The cheapest way there, or null; by a plan that is known, where it leads there still.
 * @param sits how far one sits back over the foot that carries: 0 to 1
 */
export function planTransition(ask: Omit<Ask, 'seconds' | 'samples'>, sits = 0, known?: Plan): Plan | null {
  return (known && followPlan(taskOf(ask, known.sits), known)) ?? findPlan(taskOf(ask, sits))
}

const taskOf = ({ body, from, to, held, choices }: Omit<Ask, 'seconds' | 'samples'>, sits: number): Task => ({
  body,
  from,
  to,
  held,
  choices,
  clearance: CLEARANCE,
  sits,
})

/**
 * Hips at key stances on the line by time between the two stances, or as much lower as a leg's reach needs. From the
 * end of emptying to first contact they do not rise above what the next key stance needs.
 */
function setHeights({ body, from, to, held }: Ask, phases: readonly Phase[], seconds: readonly number[]): Phase[] {
  const all = seconds.reduce((sum, one) => sum + one, 0)
  const keys: { phase: number; contact: boolean; height: number; swings: boolean }[] = []
  let at = 0
  phases.forEach((phase, i) => {
    const own = seconds[i] as number
    const put = (t: number, contact: boolean) => {
      const level = mix(from.height, to.height, all > 0 ? (at + t * own) / all : 1)
      const instant = instantAt(phase, t, body.footLength)
      const isLast = i === phases.length - 1 && t === 1
      const height = isLast
        ? to.height
        : (tryPose(body, changeInstant(instant, { height: level }), held)?.instant.height ?? level)
      keys.push({ phase: i, contact, height, swings: isSwinging(phase, t) })
    }
    if (phase.kind === 'touch') put(0.5, true)
    put(1, false)
    at += own
  })
  for (let i = keys.length - 2; i >= 0; i--) {
    const [key, next] = [keys[i], keys[i + 1]] as [(typeof keys)[number], (typeof keys)[number]]
    if (key.swings) key.height = Math.min(key.height, next.height)
  }
  // Where a standing ankle cannot follow as low, the phases on both sides begin and end as high as it can.
  for (const key of keys.slice(0, -1)) {
    const phase = phases[key.phase] as Phase
    const instant = instantAt(phase, key.contact ? 0.5 : 1, body.footLength)
    key.height = tryPose(body, changeInstant(instant, { height: key.height }), held)?.instant.height ?? key.height
  }
  let before = from.height
  return phases.map((phase, i) => {
    const contact = keys.find((key) => key.phase === i && key.contact)?.height
    const end = (keys.find((key) => key.phase === i && !key.contact) as (typeof keys)[number]).height
    const set = {
      ...phase,
      from: changeInstant(phase.from, { height: before }),
      to: changeInstant(phase.to, { height: end }),
      heightAtContact: contact,
    }
    before = end
    return set
  })
}

/** From the end of emptying to first contact: what comes next decides how high the hips may be. */
const isSwinging = ({ kind, to, foot }: Phase, t: number): boolean =>
  t === 1 &&
  (kind === 'lift' || kind === 'reach' || (kind === 'empty' && foot !== null && to.feet[foot].contact !== 'air'))

function sample({ body, held, samples }: Ask, phase: Phase): Stood[] {
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
