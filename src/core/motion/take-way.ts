import { analyse } from '../analysis'
import type { Body } from '../body/body'
import { otherSide, SIDES, type Side } from '../conventions'
import { InputError } from '../errors'
import { placeAt, toRoom } from '../stance/placed'
import type { Placement, Seat, Stance } from '../stance/stance'
import { isChairWay, leanOver, makeChairTransition, placeByChair, seatInRoom } from './chair'
import { type Held, instantOf } from './instant'
import type { PathPart, RoutinePart } from './path-parts'
import { placeNext, scaleStep } from './place'
import { compareCosts, type Plan } from './plan'
import { keepsPlace } from './script'
import { makeTransition, planTransition, type Transition } from './transition'

/** A part stood where it is; or why it cannot be. */
export function standPart(body: Body, stance: Stance, index: number, standing: number | null): PathPart {
  try {
    return { stance, analysis: analyse(body, stance, { standing, withoutFreeTurn: true }), error: null }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    const field = error.field.replace(/^stance/, `parts.${index}.stance`)
    return { stance, analysis: null, error: new InputError(field, error.value, error.accepts) }
  }
}

/** How one comes from a part to the next: where that stands, what is held, and what makes the way. */
export type Way = {
  here: PathPart
  plan: Plan | null
  held: Held
  /** Null where no way was found. @throws InputError where an instant of it cannot be stood */
  make: ((seconds: number, samples: number) => MadeWay) | null
  error: InputError | null
}

/** A way that was made, and what was held on it. */
export type MadeWay = { transition: Transition; held: Held }

/**
 * The cheapest way to a part: with the foot that anchors, or, where that is not said, the better of both. Where a foot
 * cannot get there so, sitting back over the foot that carries; where a hand cannot stay where it is, letting go of it
 * before: nothing steadies then.
 */
export function takeWay(
  body: Body,
  before: PathPart,
  part: RoutinePart,
  index: number,
  standing: number | null,
  quick: boolean,
): Way {
  if (isChairWay(before.stance, part.stance)) return takeChairWay(body, before, part, index, standing)
  const anchored = listAnchors(before.stance, part).map((anchor) => {
    const here = standPart(body, placePart(body, before.stance, part, anchor), index, standing)
    return (manner: Manner) => planWay(body, before, here, part, { anchor, quick, ...manner })
  })
  const letsGo = before.stance.supports.length > 0 && !part.holdsOn
  const manners = letsGo ? [...HOLDING, ...LETTING_GO] : HOLDING
  let none: Way | null = null
  for (const [i, manner] of manners.entries()) {
    const ways = anchored.map((plan) => ({ plan, way: plan(manner) }))
    none ??= (ways[0] as Planned).way
    const best = findCheapest(ways)
    if (!best) continue
    const others = manners.slice(i + 1).map((other) => () => best.plan(other).make)
    return { ...best.way, make: (...asked) => makeFirst([() => best.way.make, ...others], ...asked) }
  }
  return { ...(none as Way), error: new InputError(`parts.${index}`, null, { code: 'noWay' }) }
}

/** How far one sits back, from not at all to as far as the reserve for one foot goes, and whether the hands stay. */
type Manner = { sits: number; holds: boolean }
const SITS = [0, 0.5, 1] as const
const HOLDING: readonly Manner[] = SITS.map((sits) => ({ sits, holds: true }))
const LETTING_GO: readonly Manner[] = SITS.map((sits) => ({ sits, holds: false }))

type Planned = { plan: (manner: Manner) => Way; way: Way }

/** The first of those that cost least, whichever foot anchors. */
function findCheapest(ways: readonly Planned[]): Planned | null {
  let best: Planned | null = null
  for (const one of ways)
    if (one.way.plan && (!best?.way.plan || compareCosts(one.way.plan.cost, best.way.plan.cost) < 0)) best = one
  return best
}

/** The first of several ways of which every instant can be stood. @throws InputError why the first one cannot */
function makeFirst(ways: readonly (() => Way['make'])[], seconds: number, samples: number): MadeWay {
  let why: InputError | null = null
  for (const find of ways) {
    const make = find()
    try {
      if (make) return make(seconds, samples)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      why ??= error
    }
  }
  throw why
}

/** The fuller foot of the first stance before the other; a part that places itself has both feet stepping. */
export function listAnchors(before: Stance, part: RoutinePart): (Side | null)[] {
  if (part.at || part.stance.seat) return [null]
  if (part.anchor) return [part.anchor]
  const fuller = Math.abs(before.loadLeft - 0.5) > 1e-9 ? (before.loadLeft > 0.5 ? 'left' : 'right') : null
  const first = fuller ?? (part.stance.side ? otherSide(part.stance.side) : 'left')
  return [first, otherSide(first)]
}

/** Where a part stands: by the foot that anchors, its step scaled; or where it says itself. */
function placePart(body: Body, before: Stance, part: RoutinePart, anchor: Side | null): Stance {
  const { stance, heading, choices, at } = part
  if (stance.seat && before.seat) return placeAt(stance, placeOnSeat(before, stance.seat, heading))
  if (!anchor) return placeAt(stance, { x: at?.x ?? 0, y: at?.y ?? 0, heading })
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
  { anchor, quick, sits, holds }: Manner & { anchor: Side | null; quick: boolean },
): Way {
  const { choices, plan: known } = part
  const { stance } = here
  const throughout = holdThroughout(before.stance, stance)
  const held = holds ? throughout : { ...throughout, supports: [] }
  const nothing: Way = { here, plan: null, held, make: null, error: null }
  if (!before.analysis || !here.analysis) return nothing
  const from = instantOf(body, before.stance, before.analysis.pose.pelvis[2])
  const to = instantOf(body, stance, here.analysis.pose.pelvis[2])
  const ask = { body, from, to, held, choices }
  const steps = SIDES.some((side) => !keepsPlace(body, from.feet[side], to.feet[side]))
  const plan = planTransition(ask, sits, sits === 0 && holds ? known : undefined)
  const make =
    plan &&
    ((seconds: number, samples: number) => ({
      transition: makeTransition({ ...ask, seconds, samples, quick }, plan, steps ? anchor : null),
      held,
    }))
  return { ...nothing, plan, make }
}

/** Up from a chair or down to it, facing as one did. */
function takeChairWay(body: Body, before: PathPart, part: RoutinePart, index: number, standing: number | null): Way {
  const { stance, heading, choices } = part
  const { seat: _, ...held } = holdThroughout(before.stance, stance)
  const up = before.stance.seat !== undefined
  const at = placeByChair(body, before.stance, stance, heading, held)
  const here = standPart(body, placeAt(stance, at ?? { x: 0, y: 0, heading }), index, standing)
  const cannotBe = new InputError(`parts.${index}`, null, { code: 'noWay' })
  const none: Way = { here, plan: null, held, make: null, error: cannotBe }
  const [on, off] = up ? [before, here] : [here, before]
  const seat = seatInRoom(on.stance)
  const lean = seat && leanOver(body, off.stance, seat, held)
  if (!at || !lean || !on.analysis || !off.analysis) return none
  const seated = instantOf(body, on.stance, on.analysis.pose.pelvis[2])
  const upright = instantOf(body, off.stance, off.analysis.pose.pelvis[2])
  const way = { body, up, seated, standing: upright, leaning: lean.leaning, seat, held, choices }
  const make = (seconds: number, samples: number): MadeWay => {
    const transition = makeChairTransition(way, seconds, samples)
    if (!transition) throw cannotBe
    return { transition, held }
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
