import type { Body } from '../body/body'
import { SIDES, type Side } from '../conventions'
import { mix } from '../geometry/vector'
import type { Choices } from '../postures/choices'
import { USUAL_LIFT } from '../stance/stance'
import { SINKING } from './empty-step'
import { followFeet } from './follow'
import { changeFoot, changeInstant, type Held, type Instant, withFoot } from './instant'
import { instantAt, type Phase } from './phase'
import { findPlan, followPlan, type Plan } from './plan'
import { type Stood, stand, tryPose, tryStand } from './posing'
import { letRoll } from './rolling'
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
  const followed = followFeet(taskOf(ask, plan.sits), keepFlat(plan.phases))
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
function setHeights({ body, from, to, held }: Ask, wanted: readonly Phase[], seconds: readonly number[]): Phase[] {
  const phases = [...wanted]
  const all = seconds.reduce((sum, one) => sum + one, 0)
  const keys: { phase: number; contact: boolean; height: number; swings: boolean }[] = []
  let at = 0
  phases.forEach((phase, i) => {
    const own = seconds[i] as number
    const levelAt = (t: number) => mix(from.height, to.height, all > 0 ? (at + t * own) / all : 1)
    const reachAt = (of: Phase, t: number) => {
      const instant = changeInstant(instantAt(of, t, body.footLength), { height: levelAt(t) })
      return tryPose(body, instant, held)?.instant.height
    }
    const put = (t: number, contact: boolean) => {
      const of = phases[i] as Phase
      const isLast = i === phases.length - 1 && t === 1
      const height = isLast ? to.height : (reachAt(of, t) ?? levelAt(t))
      keys.push({ phase: i, contact, height, swings: isSwinging(of, t) })
    }
    if (phase.kind === 'touch') {
      // Where neither heel nor whole foot comes to its place without sinking further than a step may, its ball does.
      const met = reachAt(phase, 0.5)
      if (met === undefined || met < levelAt(0.5) - SINKING) phases[i] = landOnBall(body, phase)
      put(0.5, true)
    }
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
  let before = from
  const set = phases.map((phase, i) => {
    const contact = keys.find((key) => key.phase === i && key.contact)?.height
    const end = (keys.find((key) => key.phase === i && !key.contact) as (typeof keys)[number]).height
    const one = {
      ...phase,
      from: before,
      to: changeInstant(phase.to, { height: end }),
      heightAtContact: contact,
    }
    before = one.to
    return one
  })
  return joinRolls(body, set, held)
}

/** A foot that may roll comes down on its ball. */
function landOnBall(body: Body, phase: Phase): Phase {
  const { foot, lands, to } = phase
  if (!foot || !lands || lands.contact === 'ball' || to.feet[foot].rolls === 0) return phase
  const set = letRoll(body, foot, to.feet[foot], 'heel')
  return { ...phase, to: withFoot(to, foot, set), lands: { contact: 'ball', lift: USUAL_LIFT.ball } }
}

/**
 * A foot that turns about its heel while it is empty stays flat from where the weight left it: a heel that came up would
 * have to come down again first.
 */
function keepFlat(phases: readonly Phase[]): Phase[] {
  const kept = [...phases]
  phases.forEach(({ kind, foot, about }, i) => {
    if (kind !== 'turn' || !foot || about !== 'heel') return
    for (let k = i - 1; k >= 0 && (kept[k] as Phase).to.feet[foot].rolls !== 0; k--) {
      const { to, ...rest } = kept[k] as Phase
      kept[k] = { ...rest, to: withFoot(to, foot, changeFoot(to.feet[foot], { rolls: 0 })) }
    }
  })
  return kept
}

/**
 * A foot leaves the floor as far rolled as it is then, comes to it as far rolled as it has to be there, and is rolled no
 * further on the way between than at that end.
 */
function joinRolls(body: Body, phases: readonly Phase[], held: Held): Phase[] {
  const joined = [...phases]
  joined.forEach((phase, i) => {
    const { kind, foot, from, to } = phase
    const rolling = SIDES.find((side) => (from.feet[side].rolls === 0) !== (to.feet[side].rolls === 0))
    if (rolling && from.loadLeft !== to.loadLeft) {
      const light = to.feet[rolling].rolls === 0 ? from : to
      joined[i] = { ...phase, rolled: tryPose(body, light, held)?.instant.feet[rolling].lift }
    }
    if (!foot) return
    if (kind === 'lift' && phase.from.feet[foot].rolls !== 0) {
      const left = tryPose(body, phase.from, held)?.instant.feet[foot]
      if (left) joined[i] = { ...phase, from: withFoot(phase.from, foot, left) }
    }
    const over = joined[i - 1]
    if (kind !== 'touch' || !phase.lands || phase.to.feet[foot].rolls === 0 || over?.kind !== 'reach') return
    const met = tryPose(body, instantAt(phase, 0.5, body.footLength), held)?.instant.feet[foot]
    if (!met) return
    const up = withFoot(over.to, foot, changeFoot(over.to.feet[foot], { lift: met.lift }))
    joined[i - 1] = { ...over, to: up }
    joined[i] = { ...phase, from: up, lands: { contact: met.contact, lift: met.lift } }
  })
  return joined
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
