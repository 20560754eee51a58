import type { Body } from '../body/body'
import { type Side, sideSign, type Vec2 } from '../conventions'
import { calcCentroid, clipHalfPlane, type Ring } from '../geometry/polygon'
import { clamp } from '../numeric/clamp'
import type { Contact, FootSetting } from './stance'

/** Outline of a foot in its own frame, (u / length, v / breadth), counter-clockwise in (u, v). */
export const FOOT_OUTLINE: Ring = [
  [0, 0.18],
  [0, -0.18],
  [0.06, -0.31],
  [0.73, -0.5],
  [0.97, -0.38],
  [1, -0.2],
  [0.88, 0.38],
  [0.65, 0.5],
  [0.06, 0.31],
]

const ANKLE_AT = 0.25
/** The metatarsal line, about which a lifted heel turns. */
export const BALL_AT = 0.72

/** The part of the outline that bears, in the foot's unit frame. */
export type BearingPart = { ring: Ring; centroid: Vec2; from: number; to: number }

const part = (nu: number, least: number, from: number, to: number): BearingPart => {
  const ring = clipHalfPlane(FOOT_OUTLINE, nu, 0, least)
  return { ring, centroid: calcCentroid(ring), from, to }
}

export const BEARING_PARTS: Record<Exclude<Contact, 'air'>, BearingPart> = {
  whole: part(1, 0, 0, 1),
  ball: part(1, 0.62, 0.62, 1),
  heel: part(-1, -0.25, 0, 0.25),
  'toe-touch': part(1, 0.82, 0.82, 1),
}

/** A foot set on the floor (or held above it): its frame, joints, bearing part and where its pressure falls. */
export type PlacedFoot = {
  side: Side
  sign: 1 | -1
  contact: Contact
  length: number
  breadth: number
  hx: number
  hy: number
  /** Toe direction and outer direction. */
  ux: number
  uy: number
  vx: number
  vy: number
  /** Heel lift; lifted toes negative. */
  lift: number
  heelZ: number
  heelU: number
  toeU: number
  toeZ: number
  ankleX: number
  ankleY: number
  ankleZ: number
  /** Null in the air. */
  part: BearingPart | null
  /** Where its pressure falls, in the unit frame and on the floor. */
  pressureU: number
  pressureV: number
  px: number
  py: number
}

/** How far the ankle is ahead of where the heel was set, along the foot: lifting turns it about the ball or the heel. */
export function calcAnkleAlong(body: Body, side: Side, lift: number): number {
  const pivot = lift > 0 ? BALL_AT * body.footLength : 0
  return pivot + (ANKLE_AT * body.footLength - pivot) * Math.cos(lift) + body.ankleHeight[side] * Math.sin(lift)
}

/**
 * Places a foot. A lifted heel turns the rear foot about the ball and leaves the toes level; lifted toes turn the whole
 * foot about the heel; in the air likewise, the lowest part of the sole at its clearance.
 */
export function placeFoot(body: Body, side: Side, setting: FootSetting): PlacedFoot {
  const sign = sideSign(side)
  const yaw = -sign * setting.toeOut
  const ux = -Math.sin(yaw)
  const uy = Math.cos(yaw)
  const vx = sign * Math.cos(yaw)
  const vy = sign * Math.sin(yaw)
  const L = body.footLength
  const B = body.footBreadth
  const [hx, hy] = setting.heel
  const { lift } = setting
  const cos = Math.cos(lift)
  const sin = Math.sin(lift)
  const ground = setting.contact === 'air' ? setting.clearance : 0
  const pivotU = lift > 0 ? BALL_AT * L : 0
  const ankleHeight = body.ankleHeight[side]
  const fromPivot = ANKLE_AT * L - pivotU
  const ankleU = calcAnkleAlong(body, side, lift)
  const bearing = setting.contact === 'air' ? null : BEARING_PARTS[setting.contact]
  const pressure = bearing ? findPressure(body, bearing, setting.pressureAt) : ([ANKLE_AT, 0] as const)
  return {
    side,
    sign,
    contact: setting.contact,
    length: L,
    breadth: B,
    hx,
    hy,
    ux,
    uy,
    vx,
    vy,
    lift,
    heelU: pivotU * (1 - cos),
    heelZ: ground + pivotU * sin,
    toeU: lift < 0 ? L * cos : L,
    toeZ: ground + (lift < 0 ? -L * sin : 0),
    ankleX: hx + ankleU * ux,
    ankleY: hy + ankleU * uy,
    ankleZ: ground - fromPivot * sin + ankleHeight * cos,
    part: bearing,
    pressureU: pressure[0],
    pressureV: pressure[1],
    px: hx + pressure[0] * L * ux + pressure[1] * B * vx,
    py: hy + pressure[0] * L * uy + pressure[1] * B * vy,
  }
}

/**
 * Where the pressure falls, in the unit frame: the wanted point of the midline, or the nearest one inside the usable
 * part. A usable part so slim that it leaves the midline has its centroid.
 */
function findPressure(body: Body, bearing: BearingPart, at: number): Vec2 {
  const midline = findMidline(body, bearing)
  if (!midline) return bearing.centroid
  const [rear, front] = midline
  return [clamp(bearing.from + at * (bearing.to - bearing.from), rear, front), 0]
}

type Midline = readonly [rear: number, front: number] | null

const midlines = new WeakMap<Body, Map<BearingPart, Midline>>()

/** The piece of the midline that is in the usable part; null where none is. Known by body: a path asks thousands of times. */
function findMidline(body: Body, bearing: BearingPart): Midline {
  let known = midlines.get(body)
  if (!known) {
    known = new Map()
    midlines.set(body, known)
  }
  const there = known.get(bearing)
  if (there !== undefined) return there
  const midline = calcMidline(body, bearing)
  known.set(bearing, midline)
  return midline
}

function calcMidline(body: Body, { centroid: [cu, cv], ring }: BearingPart): Midline {
  // The usable part is the bearing part scaled about its centroid: ask the unscaled part about the unscaled midline.
  const v = cv - cv / body.usableAcross
  let rear = Number.POSITIVE_INFINITY
  let front = Number.NEGATIVE_INFINITY
  for (let i = 0; i < ring.length; i++) {
    const [au, av] = ring[i] as Vec2
    const [bu, bv] = ring[i + 1 === ring.length ? 0 : i + 1] as Vec2
    if (av > v === bv > v) continue
    const u = au + ((v - av) / (bv - av)) * (bu - au)
    if (u < rear) rear = u
    if (u > front) front = u
  }
  const scaled = (u: number) => cu + (u - cu) * body.usableAlong
  return rear > front ? null : [scaled(rear), scaled(front)]
}

/**
 * A ring of the foot's unit frame on the floor, scaled about its centre, counter-clockwise from above.
 * @example layOnFloor(setFooting(ana, parallel).feet.left, [[0, 0]]) // => [[-0.167, 0]]
 */
export function layOnFloor(foot: PlacedFoot, ring: Ring, centre: Vec2 = [0, 0], along = 1, across = 1): Vec2[] {
  const { length, breadth, hx, hy, ux, uy, vx, vy } = foot
  const [cu, cv] = centre
  const count = ring.length
  const points = new Array<Vec2>(count)
  for (let i = 0; i < count; i++) {
    const corner = ring[i] as Vec2
    const du = (cu + (corner[0] - cu) * along) * length
    const dv = (cv + (corner[1] - cv) * across) * breadth
    // Seen from above the right foot's frame is the other way round.
    points[foot.sign === 1 ? count - 1 - i : i] = [hx + du * ux + dv * vx, hy + du * uy + dv * vy]
  }
  return points
}
