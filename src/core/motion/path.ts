import { type Analysis, analyse, calcStandingMargin } from '../analysis'
import type { Body } from '../body/body'
import { otherSide, SIDES, type Side } from '../conventions'
import { InputError } from '../errors'
import type { Finding, Verdict } from '../limits/finding'
import { countsForVerdict } from '../limits/judge'
import { toRoom } from '../stance/placed'
import type { Placement, Seat, Stance } from '../stance/stance'
import { isChairWay, leanOver, makeChairTransition, placeByChair, seatInRoom } from './chair'
import type { Breath, Choices } from './choices'
import { gap, type Held, momentOf } from './moment'
import { placeNext, scaleStep } from './place'
import { comparePlans, type Plan } from './plan'
import type { Stood } from './posing'
import { type Readings, readTransition } from './readings'
import { MOTION_RULES, type MotionFinding } from './rules'
import { keepsPlace } from './script'
import { makeTransition, planTransition, type Transition } from './transition'

/** A part of a routine: a stance in its own frame, where it faces in the room, and how one comes to it. Radians, seconds. */
export type RoutinePart = {
  stance: Stance
  heading: number
  seconds: number
  hold: number
  breath: Breath
  choices: Choices
  anchor?: Side | undefined
  /** What was done to come here before something little was changed: done again, where it leads here still. */
  plan?: Plan | undefined
  /** Where it stands, where that does not follow from the part before. */
  at?: { x: number; y: number } | undefined
}

/** A part that was worked out: where it stands and what it shows; null where it cannot be stood. */
export type PathPart = { stance: Stance; analysis: Analysis | null; error: InputError | null }

export type PathTransition = {
  from: number
  to: number
  startS: number
  made: { transition: Transition; readings: Readings; findings: MotionFinding[]; held: Held } | null
  error: InputError | null
}

/** A routine worked out for one person: parts, the ways between them, and what they say together. */
export type Path = { body: Body; parts: PathPart[]; transitions: PathTransition[]; verdict: Verdict; seconds: number }

/**
 * Works a routine out for a body. A part that cannot be stood or reached says so in its place; the rest is answered.
 * @param samples intervals of a phase
 */
export function makePath(body: Body, routine: readonly RoutinePart[], samples: number): Path {
  const parts: PathPart[] = []
  const transitions: PathTransition[] = []
  const standing = calcStandingMargin(body)
  let clock = 0
  routine.forEach((part, i) => {
    const before = parts.at(-1)
    if (!before) {
      const at = { x: part.at?.x ?? 0, y: part.at?.y ?? 0, heading: part.heading }
      parts.push(standPart(body, { ...part.stance, at }, i, standing))
      clock += part.seconds + part.hold
      return
    }
    const startS = clock
    const { here, ...way } = takeWay(body, before, part, i, standing)
    parts.push(here)
    const found: PathTransition = {
      from: i - 1,
      to: i,
      startS,
      made: null,
      error: here.error ?? before.error ?? way.error,
    }
    if (way.make && !found.error) {
      try {
        const transition = way.make(part.seconds, samples)
        const readings = readTransition(body, transition, way.held)
        found.made = { transition, readings, held: way.held, findings: [] }
      } catch (error) {
        if (!(error instanceof InputError)) throw error
        found.error = cannot(i, error)
      }
    }
    transitions.push(found)
    clock += part.seconds + part.hold
  })
  for (const [i, one] of transitions.entries()) {
    if (one.made) one.made.findings = judgeTransition(body, routine, transitions, i)
  }
  return { body, parts, transitions, verdict: decide(parts, transitions), seconds: clock }
}

/** What stopped a transition, named by its part and why. */
const cannot = (part: number, { field, value, accepts }: InputError): InputError =>
  new InputError(`parts.${part}`, value, { code: 'transition', why: accepts.code, at: field })

function standPart(body: Body, stance: Stance, index: number, standing: number | null): PathPart {
  try {
    return { stance, analysis: analyse(body, stance, { standing, withoutFreeTurn: true }), error: null }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    const field = error.field.replace(/^stance/, `parts.${index}.stance`)
    return { stance, analysis: null, error: new InputError(field, error.value, error.accepts) }
  }
}

type Way = {
  here: PathPart
  plan: Plan | null
  held: Held
  /** Null where no way was found. @throws InputError where an instant of it cannot be stood */
  make: ((seconds: number, samples: number) => Transition) | null
  error: InputError | null
}

/** The cheapest way to a part: with the foot that anchors, or, where that is not said, the better of both. */
function takeWay(body: Body, before: PathPart, part: RoutinePart, index: number, standing: number | null): Way {
  if (isChairWay(before.stance, part.stance)) return takeChairWay(body, before, part, index, standing)
  const ways = listAnchors(before.stance, part).map((anchor) => {
    const here = standPart(body, placePart(body, before.stance, part, anchor), index, standing)
    return planWay(body, before, here, part, anchor)
  })
  const planned = ways.filter(({ plan }) => plan !== null)
  const best = planned.reduce<Way | null>(
    (best, way) =>
      best?.plan && comparePlans({ ...(way.plan as Plan), said: '' }, { ...best.plan, said: '' }) >= 0 ? best : way,
    null,
  )
  if (best) return best
  const first = ways[0] as Way
  return { ...first, error: new InputError(`parts.${index}`, null, { code: 'noWay' }) }
}

/** The fuller foot of the first stance before the other; a part that places itself has both feet stepping. */
function listAnchors(before: Stance, part: RoutinePart): (Side | null)[] {
  if (part.at || part.stance.seat) return [null]
  if (part.anchor) return [part.anchor]
  const fuller = Math.abs(before.loadLeft - 0.5) > 1e-9 ? (before.loadLeft > 0.5 ? 'left' : 'right') : null
  const first = fuller ?? (part.stance.side ? otherSide(part.stance.side) : 'left')
  return [first, otherSide(first)]
}

/** Where a part stands: by the foot that anchors, its step scaled; or where it says itself. */
function placePart(body: Body, before: Stance, part: RoutinePart, anchor: Side | null): Stance {
  const { stance, heading, choices, at } = part
  if (stance.seat && before.seat) return { ...stance, at: placeOnSeat(before, stance.seat, heading) }
  if (!anchor) return { ...stance, at: { x: at?.x ?? 0, y: at?.y ?? 0, heading } }
  return placeNext(body, before, scaleStep(stance, otherSide(anchor), choices.stepScale), heading, anchor)
}

/** On the same seat, as one sat before. */
function placeOnSeat(before: Stance, seat: Seat, heading: number): Placement {
  const [x, y] = toRoom(before.at as Placement, (before.seat as Seat).at)
  const [dx, dy] = toRoom({ x: 0, y: 0, heading }, seat.at)
  return { x: x - dx, y: y - dy, heading }
}

function planWay(body: Body, before: PathPart, here: PathPart, part: RoutinePart, anchor: Side | null): Way {
  const { choices, plan: known } = part
  const { stance } = here
  const held = holdThroughout(before.stance, stance)
  const nothing: Way = { here, plan: null, held, make: null, error: null }
  if (!before.analysis || !here.analysis) return nothing
  const from = momentOf(body, before.stance, before.analysis.pose.pelvis[2])
  const to = momentOf(body, stance, here.analysis.pose.pelvis[2])
  const ask = { body, from, to, held, choices }
  const steps = SIDES.some((side) => !keepsPlace(body, from.feet[side], to.feet[side]))
  const plan = planTransition(ask, known)
  const make =
    plan &&
    ((seconds: number, samples: number) => makeTransition({ ...ask, seconds, samples }, plan, steps ? anchor : null))
  return { ...nothing, plan, make }
}

/** Up from a chair or down to it, facing as one did. */
function takeChairWay(body: Body, before: PathPart, part: RoutinePart, index: number, standing: number | null): Way {
  const { stance, heading, choices } = part
  const { seat: _, ...held } = holdThroughout(before.stance, stance)
  const up = before.stance.seat !== undefined
  const at = placeByChair(body, before.stance, stance, heading, held)
  const here = standPart(body, { ...stance, at: at ?? { x: 0, y: 0, heading } }, index, standing)
  const cannotBe = new InputError(`parts.${index}`, null, { code: 'noWay' })
  const none: Way = { here, plan: null, held, make: null, error: cannotBe }
  const [on, off] = up ? [before, here] : [here, before]
  const seat = seatInRoom(on.stance)
  const lean = seat && leanOver(body, off.stance, seat, held)
  if (!at || !lean || !on.analysis || !off.analysis) return none
  const seated = momentOf(body, on.stance, on.analysis.pose.pelvis[2])
  const upright = momentOf(body, off.stance, off.analysis.pose.pelvis[2])
  const way = { body, up, seated, standing: upright, leaning: lean.leaning, seat, held, choices }
  const make = (seconds: number, samples: number): Transition => {
    const made = makeChairTransition(way, seconds, samples)
    if (!made) throw cannotBe
    return made
  }
  return { ...none, make, error: null }
}

/** Eyes, ground and hands as in the stance that one comes from; the posture and frame of the one that one goes to. */
function holdThroughout(before: Stance, { frame, posture, side }: Stance): Held {
  const at = before.at as Placement
  return {
    frame: before.frame === 'inclined' ? 'inclined' : frame,
    posture,
    side,
    seat: seatInRoom(before),
    eyes: before.eyes,
    floor: { slope: before.floor.slope, downhill: before.floor.downhill + at.heading },
    supports: before.supports.map(({ toward, ...support }) => {
      const [x, y, z] = support.at
      const turned = toward !== undefined && { toward: toward + at.heading }
      return { ...support, at: [...toRoom(at, [x, y]), z] as const, ...turned }
    }),
  }
}

/** One finding for each code and place, at its worst instant; a stand on one leg is judged by how long it lasts. */
function judgeTransition(
  body: Body,
  routine: readonly RoutinePart[],
  transitions: readonly PathTransition[],
  index: number,
): MotionFinding[] {
  const { made, startS, to } = transitions[index] as PathTransition
  const { transition, readings } = made as NonNullable<PathTransition['made']>
  const { phases } = transition
  const worst = new Map<string, MotionFinding>()
  // Leaning is how one leaves a chair.
  const isByChair =
    phases.some(({ samples }) => samples[0]?.stance.seat) && phases.some(({ samples }) => !samples[0]?.stance.seat)
  phases.forEach(({ samples, startS: phaseS, seconds }, phase) => {
    samples.forEach(({ findings }, i) => {
      for (const finding of findings) {
        if (finding.code === 'balance.one-leg' || (isByChair && finding.code === 'trunk.lean')) continue
        const key = `${finding.code} ${finding.side} ${finding.part}`
        const known = worst.get(key)
        if (known && !isWorse(finding, known)) continue
        worst.set(key, { ...finding, phase, atS: startS + phaseS + (i / (samples.length - 1)) * seconds })
      }
    })
  })
  const part = routine[to] as RoutinePart
  const facts = {
    body,
    transition,
    readings,
    choices: part.choices,
    breath: part.breath,
    wayOutS: leadsBack(transitions, index) ? (routine[to - 1] as RoutinePart).seconds : null,
  }
  const own = MOTION_RULES.flatMap((rule): MotionFinding[] => {
    const found = rule.find(facts)
    if (!found) return []
    const { t, ...rest } = found
    const { startS: phaseS, seconds } = phases[found.phase] as (typeof phases)[number]
    return [{ ...rest, code: rule.code, rule: rule.id, atS: startS + phaseS + t * seconds }]
  })
  return [...own, ...worst.values()]
}

const SEVERITY = { note: 0, caution: 1, hard: 2 } as const

const isWorse = (a: Finding, b: Finding): boolean =>
  SEVERITY[a.severity] !== SEVERITY[b.severity]
    ? SEVERITY[a.severity] > SEVERITY[b.severity]
    : Math.abs(a.value - a.limit) > Math.abs(b.value - b.limit)

/** Whether a transition without a step ends with the weight and the feet where the one before began. */
function leadsBack(transitions: readonly PathTransition[], index: number): boolean {
  const [out, back] = [transitions[index - 1]?.made?.transition, transitions[index]?.made?.transition]
  if (!out || !back || out.anchor || back.anchor) return false
  const first = out.phases[0]?.from
  const last = back.phases.at(-1)?.to
  if (!first || !last) return false
  return (
    Math.abs(first.loadLeft - last.loadLeft) < 1e-6 &&
    SIDES.every((side) => gap(first.feet[side].heel, last.feet[side].heel) < 1e-3)
  )
}

/** A sample's verdict is its stance's, but for a stand on one leg that is unproven. */
export function verdictOf({ findings, legs }: Stood): Verdict {
  if (findings.some(({ severity }) => severity === 'hard')) return 'beyond'
  return findings.some((finding) => finding.code !== 'balance.one-leg' && countsForVerdict(finding, legs))
    ? 'close'
    : 'holds'
}

const AT_LEAST_CLOSE: ReadonlySet<string> = new Set(['step.falls', 'step.single', 'turn.loaded', 'tempo.short'])

export function verdictOfTransition({ made }: PathTransition): Verdict | null {
  if (!made) return null
  const { findings, transition } = made
  if (findings.some(({ severity }) => severity === 'hard')) return 'beyond'
  const close =
    findings.some(({ code }) => AT_LEAST_CLOSE.has(code)) ||
    transition.phases.some(({ samples }) => samples.some((stood) => verdictOf(stood) === 'close'))
  return close ? 'close' : 'holds'
}

/** The worst of all; what cannot be stood or reached is beyond. */
function decide(parts: readonly PathPart[], transitions: readonly PathTransition[]): Verdict {
  if (parts.some(({ analysis }) => !analysis) || transitions.some(({ made }) => !made)) return 'beyond'
  const verdicts = transitions.map(verdictOfTransition)
  return verdicts.includes('beyond') ? 'beyond' : verdicts.includes('close') ? 'close' : 'holds'
}
