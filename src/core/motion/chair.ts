import { type Body, HIP_ABOVE_SEAT } from '../body/body'
import { type BySide, DEG, SIDES } from '../conventions'
import type { Choices } from '../postures/choices'
import { toRoom } from '../stance/placed'
import type { Arm, Placement, Seat, Stance } from '../stance/stance'
import { type Held, type Instant, instantOf, ORIGIN } from './instant'
import { type Stood, tryStand } from './posing'
import { isPlaced, isTurned } from './script'
import { layTransition, planTransition, standTransition, type Transition } from './transition'

/** Up from a chair, or down to it. */
export type ChairWay = {
  body: Body
  up: boolean
  /** On the chair, in the room, with the height of its hips. */
  seated: Instant
  standing: Instant
  /** The instant at which the chair is left or met, leaning until the centre is over the feet. */
  leaning: Instant
  seat: Seat
  held: Held
  choices: Choices
}

const LEANS = [20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75].map((degrees) => degrees * DEG)
/** Both arms reach ahead, so that less lean is needed. */
const REACHING: Arm = { elevation: 75 * DEG, opening: 0, elbow: 15 * DEG, elbowInward: 0 }
const ARMS: BySide<Arm> = { left: REACHING, right: REACHING }

/**
 * The least lean with which somebody over their feet has their hips where a seat would be: the seat stands there. Of
 * leans that show something, the one that shows least.
 */
function findLeaning(body: Body, standing: Instant, held: Held, height: number): Stood | null {
  let best: Stood | null = null
  let least = Number.POSITIVE_INFINITY
  for (const pitch of LEANS) {
    const wanted: Instant = { ...standing, height, arms: ARMS, trunk: { pitch, roll: 0, yaw: 0 }, pelvisTilt: 0 }
    const stood = tryStand(body, wanted, held)
    if (!stood || Math.abs(stood.instant.height - height) > 1e-6) continue
    const shown = stood.findings.reduce((sum, { severity }) => sum + WEIGHT[severity], 0) + countTight(body, stood)
    if (shown >= least) continue
    best = stood
    least = shown
  }
  return best
}
const WEIGHT = { note: 0, caution: 1, hard: 10 } as const

/** Ankles that would be at their limit all the while. */
const countTight = ({ sides }: Body, { legs }: Stood): number =>
  SIDES.filter((side) => legs[side].dorsiflexion > sides[side].dorsiflexionMax - SPARE).length
const SPARE = 2 * DEG

const hipsOn = (body: Body, { height }: Seat): number => height + HIP_ABOVE_SEAT * body.stature

/** Where one leans over the feet to leave a seat or to meet it; and where the seat is, in the room. Null where one cannot. */
export function leanOver(
  body: Body,
  standing: Stance,
  seat: Seat,
  held: Held,
): { leaning: Instant; seatAt: readonly [number, number] } | null {
  const instant = instantOf(body, standing, 0)
  const stood = findLeaning(body, instant, held, hipsOn(body, seat))
  if (!stood) return null
  const { pelvis } = stood
  return { leaning: stood.instant, seatAt: toRoom(stood.stance.at as Placement, [pelvis[0], pelvis[1]]) }
}

/** A standing stance placed so that its chair is where the chair is; or a seated one on the chair behind the feet. */
export function placeByChair(body: Body, before: Stance, next: Stance, heading: number, held: Held): Placement | null {
  const at = before.at ?? ORIGIN
  if (before.seat) {
    const lean = leanOver(body, { ...next, at: { x: 0, y: 0, heading } }, before.seat, held)
    const [x, y] = toRoom(at, before.seat.at)
    return lean && { x: x - lean.seatAt[0], y: y - lean.seatAt[1], heading }
  }
  const seat = next.seat as Seat
  const lean = leanOver(body, before, seat, held)
  if (!lean) return null
  const [x, y] = toRoom({ x: 0, y: 0, heading }, seat.at)
  return { x: lean.seatAt[0] - x, y: lean.seatAt[1] - y, heading }
}

/** What the parts of the way take of its seconds: setting the feet, leaning over them, rising. */
const SECONDS = { feet: 0.3, lean: 0.25, rise: 0.45 } as const

/**
 * Up: on the chair the feet come to where one rises, the trunk leans until the centre is over them, then the hips rise.
 * Down: the same, back. Null where no way is found for the feet.
 */
export function makeChairTransition(way: ChairWay, seconds: number, samples: number): Transition | null {
  const { body, up, seated, standing, leaning, seat, held, choices } = way
  const onSeat: Held = { ...held, seat }
  const over = { ...leaning, loadLeft: standing.loadLeft }
  // On the chair, the feet where one rises from.
  const drawn = { ...seated, feet: standing.feet, loadLeft: standing.loadLeft }
  const stays = SIDES.every(
    (side) => isPlaced(seated.feet[side], drawn.feet[side]) && isTurned(seated.feet[side], drawn.feet[side]),
  )
  const legs = [
    ...(stays ? [] : [{ from: seated, to: drawn, held: onSeat, part: SECONDS.feet }]),
    { from: drawn, to: over, held: onSeat, part: SECONDS.lean },
    { from: over, to: standing, held, part: SECONDS.rise },
  ]
  const inOrder = up ? legs : legs.reverse().map((leg) => ({ ...leg, from: leg.to, to: leg.from }))
  const all = legs.reduce((sum, { part }) => sum + part, 0)
  let made: Transition | null = null
  let begins = 0
  for (const { part, ...leg } of inOrder) {
    const ask = { body, choices, ...leg }
    const plan = planTransition(ask)
    if (!plan) return null
    const own = (seconds * part) / all
    const next = standTransition(layTransition({ ...ask, seconds: own, breath: 'free' }, plan, null), samples)
    if (!next) return null
    made = made ? follow(made, next, begins) : next
    begins += own
  }
  return made
}

/** One way after another, as one. */
function follow(first: Transition, next: Transition, begins: number): Transition {
  const later = next.phases.map((phase) => ({ ...phase, startS: phase.startS + begins }))
  const plan = { ...first.plan, actions: [...first.plan.actions, ...next.plan.actions] }
  return { ...first, plan, phases: [...first.phases, ...later] }
}

/** The seat of a stance, in the room. */
export const seatInRoom = ({ seat, at }: Stance): Seat | undefined =>
  seat && { ...seat, at: toRoom(at ?? ORIGIN, seat.at) }

/** Whether one of two stances is on a chair and the other is not. */
export const isChairWay = (a: Stance, b: Stance): boolean => (a.seat === undefined) !== (b.seat === undefined)
