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
import {
  type IsEnough,
  type Laid,
  layTransition,
  planTransitions,
  standTransition,
  type Transition,
} from './transition'

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

/** From where to which part. */
export type WayAsk = {
  body: Body
  before: PathPart
  part: RoutinePart
  index: number
  standing: number | null
}

/** A way that was planned; nothing of it was stood yet. `holds`: the hands stay where they are. */
export type Planned = {
  here: PathPart
  held: Held
  holds: boolean
  /** How many things are done one after the other. */
  actions: number
  /**
   * @param samples instants of a phase; @param quick without shortest times
   * @returns null where it was given up, because what was stood of it is enough
   * @throws InputError where an instant of it cannot be stood
   */
  make: (samples: number, quick: boolean, isEnough?: IsEnough) => Transition | null
}

/** Where a part stands at first, and the ways there, the likeliest first. */
export type Planning = { here: PathPart; ways: Iterable<Planned> }

/** How far one sits back, from not at all to as far as nothing is past its edge, and how many plans more are made so. */
const MANNERS = [
  { sits: 0, plans: 6 },
  { sits: 0.5, plans: 3 },
  { sits: 1, plans: 3 },
  { sits: 0.5, plans: 9 },
] as const

/** With the foot that anchors, or, where that is not said, with either; hands let go at last. */
export function planWays(ask: WayAsk): Planning {
  const { body, before, part, index, standing } = ask
  if (isChairWay(before.stance, part.stance)) return planChairWay(ask)
  const anchored = listAnchors(before.stance, part).map((anchor) => ({
    anchor,
    here: standPart(body, placePart(body, before.stance, part, anchor), index, standing),
  }))
  const letsGo = before.stance.supports.length > 0 && !part.holdsOn
  function* list(): Generator<Planned, undefined> {
    for (const holds of letsGo ? [true, false] : [true]) {
      const sitting = new Map<number, Generator<Costed, undefined>>()
      for (const { sits, plans } of MANNERS) {
        const row = sitting.get(sits) ?? cheapestFirst(anchored.map((place) => plansFrom(ask, place, sits, holds)))
        sitting.set(sits, row)
        for (let left: number = plans; left > 0; left--) {
          const next = row.next()
          if (next.done) break
          yield next.value.planned
        }
      }
    }
  }
  return { here: (anchored[0] as (typeof anchored)[number]).here, ways: list() }
}

type Costed = { plan: Plan; planned: Planned }

function* plansFrom(
  ask: WayAsk,
  { anchor, here }: { anchor: Side | null; here: PathPart },
  sits: number,
  holds: boolean,
): Generator<Costed, undefined> {
  const { body, before, part } = ask
  const { stance } = here
  if (!before.analysis || !here.analysis) return
  const throughout = holdThroughout(before.stance, stance)
  const held = holds ? throughout : { ...throughout, supports: [] }
  const from = instantOf(body, before.stance, before.analysis.pose.pelvis[2])
  const to = instantOf(body, stance, here.analysis.pose.pelvis[2])
  const way = { body, from, to, held, choices: part.choices }
  const steps = SIDES.some((side) => !keepsPlace(way, from.feet[side], to.feet[side]))
  const { seconds, breath } = part
  for (const plan of planTransitions(way, sits, sits === 0 && holds ? part.plan : undefined)) {
    let laid: Laid | null = null
    const make: Planned['make'] = (samples, quick, isEnough) => {
      laid ??= layTransition({ ...way, seconds, breath }, plan, steps ? anchor : null)
      return standTransition(laid, samples, quick, isEnough)
    }
    yield { plan, planned: { here, held, holds, actions: plan.actions.length, make } }
  }
}

/** Of several rows, each the cheapest first, one; what costs alike in the order of the rows. */
function* cheapestFirst(rows: readonly Generator<Costed, undefined>[]): Generator<Costed, undefined> {
  const heads = rows.map((row) => row.next())
  for (;;) {
    let best = -1
    heads.forEach((head, i) => {
      const least = heads[best]
      if (!head.done && (!least || least.done || compareCosts(head.value.plan.cost, least.value.plan.cost) < 0))
        best = i
    })
    const head = heads[best]
    if (!head || head.done) return
    yield head.value
    heads[best] = (rows[best] as Generator<Costed, undefined>).next()
  }
}

/** The fuller foot of the first stance before the other; a part that places itself has both feet stepping. */
export function listAnchors(before: Stance, part: RoutinePart): (Side | null)[] {
  if (part.at || part.stance.seat) return [null]
  if (part.anchor) return [part.anchor]
  const fuller = Math.abs(before.loadLeft - 0.5) > 1e-9 ? (before.loadLeft > 0.5 ? 'left' : 'right') : null
  const first = fuller ?? (part.stance.side ? otherSide(part.stance.side) : (before.side ?? 'left'))
  return [first, otherSide(first)]
}

/** Where a part stands: by the foot that anchors, its step scaled; or where it says itself. */
function placePart(body: Body, before: Stance, part: RoutinePart, anchor: Side | null): Stance {
  const { stance, heading, choices, at } = part
  if (stance.seat && before.seat) return placeAt(stance, placeOnSeat(before, stance.seat, heading))
  if (!anchor) return placeAt(stance, { x: at?.x ?? 0, y: at?.y ?? 0, heading })
  return placeNext(body, before, scaleStep(stance, otherSide(anchor), choices.stepScale), heading, anchor, choices)
}

/** On the same seat, as one sat before. */
function placeOnSeat(before: Stance, seat: Seat, heading: number): Placement {
  const [x, y] = toRoom(before.at as Placement, (before.seat as Seat).at)
  const [dx, dy] = toRoom({ x: 0, y: 0, heading }, seat.at)
  return { x: x - dx, y: y - dy, heading }
}

/** Up from a chair or down to it, facing as one did. */
function planChairWay({ body, before, part, index, standing }: WayAsk): Planning {
  const { stance, heading, choices, seconds } = part
  const { seat: _, ...held } = holdThroughout(before.stance, stance)
  const up = before.stance.seat !== undefined
  const at = placeByChair(body, before.stance, stance, heading, held)
  const here = standPart(body, placeAt(stance, at ?? { x: 0, y: 0, heading }), index, standing)
  const [on, off] = up ? [before, here] : [here, before]
  const seat = seatInRoom(on.stance)
  const lean = seat && leanOver(body, off.stance, seat, held)
  if (!at || !lean || !on.analysis || !off.analysis) return { here, ways: [] }
  const seated = instantOf(body, on.stance, on.analysis.pose.pelvis[2])
  const upright = instantOf(body, off.stance, off.analysis.pose.pelvis[2])
  const way = { body, up, seated, standing: upright, leaning: lean.leaning, seat, held, choices }
  const make = (samples: number) => {
    const transition = makeChairTransition(way, seconds, samples)
    if (!transition) throw new InputError(`parts.${index}`, null, { code: 'noWay' })
    return transition
  }
  return { here, ways: [{ here, held, holds: true, actions: 1, make }] }
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
