import type { Body } from '../body/body'
import { directionVector, otherSide, type Side, type Vec2 } from '../conventions'
import { gap, mix, mixFloor, plus } from '../geometry/vector'
import type { Choices } from '../postures/choices'
import { calcAnkleAlong } from '../stance/foot'
import { doFeetMeet } from './feet-meet'
import { type FootInstant, outward } from './instant'
import { curve } from './phase'

/** Under this both soles are near enough to the floor to meet. */
const NEAR_FLOOR = 0.05
const ANKLES_LEAST = 0.07
/** Between the midlines beside the standing ankle, in foot breadths. */
const PAST = 1.5
const RAISED = 0.08
/** Round the toes or the heel of the standing foot, from its ankle, in foot lengths. */
const AROUND = [1.2, -1, 1.7, -1.5, 2.2, -2, 3, -2.8]
const ANKLE_AT = 0.25
const CHECKS = 64
/** From this much behind to this much ahead a foot passes the standing ankle. */
const LEAST_PASS = 0.02

/** How a foot in the air goes from place to place: the point that its heel bends toward, and how high it is held. */
export type Swing = { bend: Vec2 | undefined; clearance: number }

/**
 * The way of a foot in the air: past the standing ankle or direct, and wider or higher where the standing foot is in
 * the way.
 */
export function findSwing(
  body: Body,
  side: Side,
  from: FootInstant,
  to: FootInstant,
  standing: FootInstant,
  choice: Choices['swing'],
  clearance: number,
): Swing {
  const passes = findPassing(body, side, from, to, standing)
  const straight: Swing = { bend: undefined, clearance }
  const beside = [PAST, PAST + 0.5, PAST + 1, PAST + 2].map((breadths) => ({
    bend: through(from, to, passes.at(breadths)),
    clearance,
  }))
  const ways = passes.needed && choice === 'past' ? [...beside, straight] : [straight, ...beside]
  const raised = [...ways, ...passes.around.map((at) => ({ bend: through(from, to, at), clearance }))].map((way) => ({
    ...way,
    clearance: Math.max(clearance, RAISED),
  }))
  let widest = straight
  let clear = Number.NEGATIVE_INFINITY
  for (const way of [...ways, ...raised]) {
    const room = calcRoom(body, side, from, to, standing, way)
    if (room >= ANKLES_LEAST) return way
    if (room > clear) [widest, clear] = [way, room]
  }
  return widest
}

/** The point toward which a quadratic curve bends that passes through a point half-way. */
const through = (from: FootInstant, to: FootInstant, [x, y]: Vec2): Vec2 => [
  2 * x - (from.heel[0] + to.heel[0]) / 2,
  2 * y - (from.heel[1] + to.heel[1]) / 2,
]

/** Whether a foot passes the standing ankle, and where beside it, or round its toes and heel, its heel would be. */
function findPassing(body: Body, side: Side, from: FootInstant, to: FootInstant, standing: FootInstant) {
  const u = directionVector(standing.yaw)
  const inner = outward(standing.yaw, side)
  const ankle = plus(standing.heel, u, ANKLE_AT * body.footLength)
  const swing = directionVector((from.yaw + to.yaw) / 2)
  const ahead = (foot: FootInstant) => {
    const [x, y] = plus(foot.heel, directionVector(foot.yaw), ANKLE_AT * body.footLength)
    return (x - ankle[0]) * u[0] + (y - ankle[1]) * u[1]
  }
  const heelFor = (at: Vec2) => plus(at, swing, -ANKLE_AT * body.footLength)
  return {
    needed: ahead(from) * ahead(to) < 0 && Math.min(Math.abs(ahead(from)), Math.abs(ahead(to))) > LEAST_PASS,
    at: (breadths: number) => heelFor(plus(ankle, inner, breadths * body.footBreadth)),
    around: AROUND.map((lengths) => heelFor(plus(ankle, u, lengths * body.footLength))),
  }
}

/** The least distance between the ankles on the way; negative where the feet would meet near the floor. */
function calcRoom(
  body: Body,
  side: Side,
  from: FootInstant,
  to: FootInstant,
  standing: FootInstant,
  way: Swing,
): number {
  const other = otherSide(side)
  const still = ankleOf(body, other, standing)
  let least = Number.POSITIVE_INFINITY
  for (let i = 0; i <= CHECKS; i++) {
    const part = i / CHECKS
    const foot = {
      heel: way.bend ? curve(from.heel, way.bend, to.heel, part) : mixFloor(from.heel, to.heel, part),
      lift: mix(from.lift, to.lift, part),
      yaw: mix(from.yaw, to.yaw, part),
    }
    least = Math.min(least, gap(ankleOf(body, side, foot), still))
    // At its ends a foot is down however high it was held between, unless it comes from or goes to the air.
    const isDown = (i === 0 && from.contact !== 'air') || (i === CHECKS && to.contact !== 'air')
    const isLow = way.clearance < NEAR_FLOOR || isDown
    if (isLow && doFeetMeet(body, side, { ...to, ...foot }, standing)) return -1
  }
  return least
}

const ankleOf = (body: Body, side: Side, { heel, yaw, lift }: Pick<FootInstant, 'heel' | 'yaw' | 'lift'>): Vec2 =>
  plus(heel, directionVector(yaw), calcAnkleAlong(body, side, lift))
