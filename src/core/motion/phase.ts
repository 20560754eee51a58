import { type BySide, bySide, directionVector, type Side, type Vec2 } from '../conventions'
import { mix, plus } from '../geometry/vector'
import { clamp } from '../numeric/clamp'
import type { Breath, Choices } from '../postures/choices'
import { BALL_AT } from '../stance/foot'
import type { Arm, Contact } from '../stance/stance'
import { ease, easeOf, type Mover } from './ease'
import { changeFoot, type FootInstant, type Instant, withFoot } from './instant'
import { roll, rollingAt } from './rolling'
import { PELVIS_MOST } from './step-limits'

export const PHASE_KINDS = ['empty', 'turn', 'lift', 'reach', 'touch', 'commit', 'shift', 'settle'] as const
export type PhaseKind = (typeof PHASE_KINDS)[number]

/** Part of a transition in which some inputs of the stance move and the rest are held. */
export type Phase = {
  kind: PhaseKind
  /** The foot that empties, turns, lifts, reaches, lands or fills. */
  foot: Side | null
  about: 'heel' | 'ball' | null
  from: Instant
  to: Instant
  order: Choices['order']
  /** The point that a reach's heel bends toward, of a quadratic curve. */
  bend: Vec2 | undefined
  /** What a foot in the air meets the floor with, at the middle of its touch. */
  lands: { contact: Contact; lift: number } | undefined
  /** How far each foot that rolls has come where it carries nothing, radians; not known before heights are. */
  rolled: BySide<number | undefined>
  /** Height of the hips at first contact. */
  heightAtContact: number | undefined
}

/** A phase, each of the same shape. */
export const makePhase = (
  kind: PhaseKind,
  foot: Side | null,
  [from, to]: readonly [Instant, Instant],
  order: Phase['order'],
  { about = null, bend, lands }: Partial<Phase> = {},
): Phase => ({ kind, foot, about, from, to, order, bend, lands, rolled: NOT_ROLLED, heightAtContact: undefined })

const NOT_ROLLED = { left: undefined, right: undefined }
const TURN_LIFT = (10 * Math.PI) / 180

/** A phase at an instant, 0 to 1, its hips where they go by time: no leg was asked yet whether it reaches. */
export function instantAt(phase: Phase, t: number, footLength: number): Instant {
  const { from, to, order } = phase
  if (t <= 0) return startOf(phase)
  if (t >= 1) return to
  const part = ease(t)
  const pelvis = easeOf('pelvis', order, t)
  const trunk = easeOf('trunk', order, t)
  const armed = (mover: Mover) => easeOf(mover, order, t)
  const heading = mix(from.heading, to.heading, part)
  return {
    heading,
    feet: feetAt(phase, t, footLength),
    loadLeft: mix(from.loadLeft, to.loadLeft, easeOf('foot', order, t)),
    // In an order of its own it comes later than facing, but never further behind than a pelvis can turn.
    pelvis: clamp(mix(from.pelvis, to.pelvis, pelvis), heading - PELVIS_MOST, heading + PELVIS_MOST),
    height: heightAt(phase, t),
    pelvisTilt: mix(from.pelvisTilt, to.pelvisTilt, pelvis),
    trunk: {
      pitch: mix(from.trunk.pitch, to.trunk.pitch, trunk),
      roll: mix(from.trunk.roll, to.trunk.roll, trunk),
      yaw: mix(from.trunk.yaw, to.trunk.yaw, trunk),
    },
    arms: bySide((side) => mixArm(from.arms[side], to.arms[side], armed)),
  }
}

/** An arm between two others, its shoulder, elbow and hand each as far as they have come. */
export const mixArm = (a: Arm, b: Arm, part: (mover: Mover) => number): Arm => ({
  elevation: mix(a.elevation, b.elevation, part('shoulder')),
  opening: mix(a.opening, b.opening, part('shoulder')),
  elbow: mix(a.elbow, b.elbow, part('elbow')),
  elbowInward: mix(a.elbowInward, b.elbowInward, part('hand')),
})

/** A contact changes as its phase begins: the foot carries nothing then. */
function startOf(phase: Phase): Instant {
  const { kind, foot, from } = phase
  if (!foot) return from
  const set = from.feet[foot]
  if (kind === 'lift') return withFoot(from, foot, changeFoot(set, { contact: 'air', clearance: 0 }))
  if (kind === 'turn' && isEmpty(from, foot)) return withFoot(from, foot, pivoting(phase, set, 0))
  return from
}

const isEmpty = ({ loadLeft }: Instant, foot: Side): boolean => (foot === 'left' ? loadLeft : 1 - loadLeft) <= 0

function feetAt(phase: Phase, t: number, footLength: number): BySide<FootInstant> {
  const { from, to, foot, order } = phase
  const pressed = easeOf('foot', order, t)
  const shifts = from.loadLeft !== to.loadLeft
  return bySide((side) => {
    if (side === foot && MOVES[phase.kind]) return MOVES[phase.kind]?.(phase, t, footLength) as FootInstant
    const [a, b] = [from.feet[side], to.feet[side]]
    const rolling = shifts ? rollingAt(phase, side, t) : null
    if (rolling) {
      const { rolls, lift } = rolling
      return changeFoot(a, { rolls, lift, pressureAt: mix(a.pressureAt, b.pressureAt, rolling.pressed) })
    }
    return changeFoot(a, { pressureAt: mix(a.pressureAt, b.pressureAt, pressed) })
  })
}

const MOVES: Partial<Record<PhaseKind, (phase: Phase, t: number, footLength: number) => FootInstant>> = {
  turn: turnAt,
  lift: liftAt,
  reach: reachAt,
  touch: touchAt,
}

const ends = ({ from, to, foot }: Phase): [FootInstant, FootInstant] => [from.feet[foot as Side], to.feet[foot as Side]]

/** A heel whose ball stays, or which stays itself. */
export function turnedHeel(set: FootInstant, yaw: number, about: 'heel' | 'ball', footLength: number): Vec2 {
  if (about === 'heel') return set.heel
  const ball = plus(set.heel, directionVector(set.yaw), BALL_AT * footLength)
  return plus(ball, directionVector(yaw), -BALL_AT * footLength)
}

/** An empty foot turns with its toes lifted about the heel, or its heel about the ball; what stands on the ball stays on it. */
function pivoting({ about, from, to, foot }: Phase, set: FootInstant, part: number): FootInstant {
  const rise = Math.sin(Math.PI * part) ** 2
  const [a, b] = [from.feet[foot as Side], to.feet[foot as Side]]
  if (about === 'ball') {
    const contact = a.contact === 'toe-touch' ? 'toe-touch' : 'ball'
    return changeFoot(set, { contact, lift: mix(a.lift, b.lift, part) + (a.lift > 0 ? 0 : TURN_LIFT * rise) })
  }
  const lift = -TURN_LIFT * rise + (a.contact === 'heel' ? a.lift * (1 - rise) : 0)
  return changeFoot(set, { contact: 'heel', lift })
}

/** The foot of a turn at an instant. */
export function turnAt(phase: Phase, t: number, footLength: number): FootInstant {
  const [a, b] = ends(phase)
  const yaw = mix(a.yaw, b.yaw, ease(t))
  const heel = turnedHeel(a, yaw, phase.about ?? 'heel', footLength)
  const set = changeFoot(a, { yaw, heel, pressureAt: mix(a.pressureAt, b.pressureAt, ease(t)) })
  if (!isEmpty(phase.from, phase.foot as Side)) return set
  return pivoting(phase, set, ease(t))
}

function liftAt(phase: Phase, t: number): FootInstant {
  const [a, b] = ends(phase)
  const part = ease(t)
  return changeFoot(a, { contact: 'air', clearance: b.clearance * part, lift: mix(a.lift, b.lift, part) })
}

function reachAt(phase: Phase, t: number): FootInstant {
  const [a, b] = ends(phase)
  const part = ease(t)
  return changeFoot(a, {
    heel: phase.bend
      ? curve(a.heel, phase.bend, b.heel, part)
      : plus(a.heel, [b.heel[0] - a.heel[0], b.heel[1] - a.heel[1]], part),
    yaw: mix(a.yaw, b.yaw, part),
    clearance: mix(a.clearance, b.clearance, part),
    lift: mix(a.lift, b.lift, part),
    pressureAt: b.pressureAt,
  })
}

/** A quadratic curve from a to b that bends toward a point. */
export const curve = (a: Vec2, bend: Vec2, b: Vec2, part: number): Vec2 => {
  const [p, q, r] = [(1 - part) ** 2, 2 * part * (1 - part), part * part]
  return [p * a[0] + q * bend[0] + r * b[0], p * a[1] + q * bend[1] + r * b[1]]
}

/** Down to first contact in the first half, rolled to the contact that is wanted in the second; in place all the way. */
function touchAt(phase: Phase, t: number): FootInstant {
  const [a, b] = ends(phase)
  const lands = phase.lands ?? { contact: b.contact, lift: b.lift }
  if (a.contact !== 'air') {
    const lift = mix(a.lift, b.lift, ease(t))
    return changeFoot(b, { contact: contactFor(lift, lands.contact, b.contact), lift })
  }
  if (t < 0.5) {
    const part = ease(2 * t)
    const { pressureAt } = b
    return changeFoot(a, { clearance: mix(a.clearance, 0, part), lift: mix(a.lift, lands.lift, part), pressureAt })
  }
  const part = ease(2 * t - 1)
  // What met the floor on its ball comes down from there to where it stays until it fills.
  const rolled = phase.rolled[phase.foot as Side]
  if (rolled !== undefined) return roll(b, mix(lands.lift, rolled, part))
  const lift = mix(lands.lift, b.lift, part)
  return changeFoot(b, { contact: contactFor(lift, lands.contact, b.contact), lift })
}

/** What meets the floor while a foot rolls from one contact to another. */
function contactFor(lift: number, first: Contact, last: Contact): Contact {
  if (lift < 0) return 'heel'
  if (lift === 0) return first
  return [first, last].find((contact) => contact === 'ball' || contact === 'toe-touch') ?? 'ball'
}

function heightAt(phase: Phase, t: number): number {
  const { from, to, heightAtContact } = phase
  if (heightAtContact === undefined) return mix(from.height, to.height, ease(t))
  return t < 0.5 ? mix(from.height, heightAtContact, ease(2 * t)) : mix(heightAtContact, to.height, ease(2 * t - 1))
}

/** How many phases gather: up to the end of the last touch; without a step, onto the leg that is first filled. */
export function countGathering(phases: readonly Pick<Phase, 'kind'>[]): number {
  const landed = phases.findLastIndex(({ kind }) => kind === 'touch')
  return 1 + (landed >= 0 ? landed : phases.findLastIndex(({ kind }) => kind === 'empty'))
}

/** How many phases the first half of a breath has; 0 where it has no two, or nothing is given after them. */
export function countFirstHalf(breath: Breath, phases: readonly Pick<Phase, 'kind'>[]): number {
  if (breath !== 'in-out' && breath !== 'out-in') return 0
  const gathering = countGathering(phases)
  // A foot that only lands, to be filled later, has the whole breath for it.
  return phases.slice(gathering).some(({ kind }) => kind !== 'settle') ? gathering : 0
}
