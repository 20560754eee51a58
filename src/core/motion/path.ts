import { analyse, calcStandingMargin } from '../analysis'
import type { Body } from '../body/body'
import { otherSide, SIDES, type Side } from '../conventions'
import { InputError } from '../errors'
import { toRoom } from '../stance/placed'
import type { Placement, Seat, Stance } from '../stance/stance'
import { isChairWay, leanOver, makeChairTransition, placeByChair, seatInRoom } from './chair'
import { decide, judgeTransition, verdictOfTransition } from './judge-path'
import { type Held, momentOf } from './moment'
import type { Path, PathDetail, PathPart, PathTransition, RoutinePart } from './path-parts'
import { placeNext, scaleStep } from './place'
import { comparePlans, type Plan } from './plan'
import { readTransition } from './readings'
import { keepsPlace } from './script'
import { makeTransition, planTransition, type Transition } from './transition'

export type { Path, PathDetail, PathPart, PathTransition, RoutinePart } from './path-parts'

/**
 * Works a routine out for a body. A part that cannot be stood or reached says so in its place; the rest is answered.
 * @param samples intervals of a phase
 * @param detail `verdicts`: no longest steps, on which no verdict hangs; `beyond`: only what it asks and whether any of
 *   it is beyond, without shortest times and no further than the first way that is
 */
export function makePath(
  body: Body,
  routine: readonly RoutinePart[],
  samples: number,
  detail: PathDetail = 'whole',
): Path {
  const quick = detail === 'beyond'
  const parts: PathPart[] = []
  const transitions: PathTransition[] = []
  const standing = calcStandingMargin(body)
  let clock = 0
  for (const [i, part] of routine.entries()) {
    const before = parts.at(-1)
    if (!before) {
      const at = { x: part.at?.x ?? 0, y: part.at?.y ?? 0, heading: part.heading }
      parts.push(standPart(body, { ...part.stance, at }, i, standing))
      clock += part.seconds + part.hold
      continue
    }
    const startS = clock
    const { here, ...way } = takeWay(body, before, part, i, standing, quick)
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
        const readings = readTransition(body, transition, way.held, detail === 'whole')
        found.made = { transition, readings, held: way.held, findings: [] }
      } catch (error) {
        if (!(error instanceof InputError)) throw error
        found.error = cannot(i, error)
      }
    }
    transitions.push(found)
    clock += part.seconds + part.hold
    if (quick && isBeyond(body, routine, transitions)) break
  }
  if (!quick)
    for (const [i, one] of transitions.entries()) {
      if (one.made) one.made.findings = judgeTransition(body, routine, transitions, i)
    }
  return { body, parts, transitions, verdict: decide(parts, transitions), seconds: clock }
}

/** Judges the last way; whether it is beyond. */
function isBeyond(body: Body, routine: readonly RoutinePart[], transitions: readonly PathTransition[]): boolean {
  const last = transitions.at(-1) as PathTransition
  if (last.made) last.made.findings = judgeTransition(body, routine, transitions, transitions.length - 1)
  return (verdictOfTransition(last) ?? 'beyond') === 'beyond'
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
function takeWay(
  body: Body,
  before: PathPart,
  part: RoutinePart,
  index: number,
  standing: number | null,
  quick: boolean,
): Way {
  if (isChairWay(before.stance, part.stance)) return takeChairWay(body, before, part, index, standing)
  const ways = listAnchors(before.stance, part).map((anchor) => {
    const here = standPart(body, placePart(body, before.stance, part, anchor), index, standing)
    return planWay(body, before, here, part, anchor, quick)
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

function planWay(
  body: Body,
  before: PathPart,
  here: PathPart,
  part: RoutinePart,
  anchor: Side | null,
  quick: boolean,
): Way {
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
    ((seconds: number, samples: number) =>
      makeTransition({ ...ask, seconds, samples, quick }, plan, steps ? anchor : null))
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
