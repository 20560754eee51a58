import { type Body, HIP_ABOVE_SEAT } from '../body/body'
import type { SegmentKind } from '../body/segments'
import { type BySide, bySide, DEG, SIDES, type Side, type Vec2, type Vec3 } from '../conventions'
import { InputError } from '../errors'
import { add, mixSpace } from '../geometry/vector'
import type { Footing } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { findPelvisHeight } from './height'
import { Leg, type PelvisAxes } from './leg'
import { JOINTS, SEGMENTS } from './names'
import { UpperBody } from './upper-body'

export type JointName =
  | 'pelvis'
  | 'suprasternal'
  | 'c7'
  | 'vertex'
  | `${Side}${'Heel' | 'Toe' | 'Ankle' | 'Knee' | 'Hip' | 'Shoulder' | 'Elbow' | 'Wrist' | 'Knuckle'}`

export type Segment = { name: string; mass: number; centre: Vec3; from: JointName; to: JointName }

/** A body in a stance: metres and radians in the floor frame. */
export type Pose = Footing & {
  legs: BySide<Leg>
  pelvis: Vec3
  /** Below standing hip height, as reached. */
  pelvisDrop: number
  joints: Record<JointName, Vec3>
  segments: Segment[]
  centreOfMass: Vec3
}

const STOP = 1e-7
const MOST_STEPS = 50
/** Moving the pelvis 1 cm moves the centre of mass about 0.85 to 0.95 cm. */
const GAIN = 1 / 0.9
const FLEXION_MOST = 140 * DEG

/** A leg that cannot reach: which one, and its horizontal distance less its length. */
export class UnreachableError extends InputError {
  constructor(
    readonly leg: Side,
    readonly byM: number,
    heel: Vec2,
    /** What stops it. */
    why: 'low' | 'far' | 'bent',
  ) {
    super(`stance.feet.${leg}.heel`, heel, { code: 'reach', leg, why, by: byM })
  }
}

/**
 * The pose of a body in a stance: the pelvis is where the centre of mass falls on the point that the split and the
 * pressure points ask for, as low as the height choice says and the ankles and legs allow.
 * Frame, units, signs: conventions.ts.
 * @throws UnreachableError a hip at ankle height, a knee past 140°, a held foot farther than the leg is long
 * @throws InputError "stance.supports.N.at" a support out of the hand's reach
 */
export const solvePose = (footing: Footing): Pose => assemble(settle(footing))

/**
 * Where the search for a pelvis ended: how far it is from the wanted centre (metres), and how it has to move for the
 * centre to move (rows of the inverse Jacobian).
 */
export type Reached = { dx: number; dy: number; bxx: number; bxy: number; byx: number; byy: number }

/** What is found before anything is read off: the legs in place under the pelvis; no search was needed where seated. */
export type Settled = { footing: Footing; legs: BySide<Leg>; upper: UpperBody; pelvis: Vec3; reached: Reached | null }

/** What a stance that is nearly the same came to: the search begins there. */
export type Neighbour = { reached: Reached | null; upper?: UpperBody }

/**
 * The legs and the pelvis of a stance, without the list of joints and segments; sought from where a neighbour's search
 * ended, if given: sooner, and to the same tolerance. With `heldReaches` a foot in the air lowers the hips as one on the
 * floor does. Throws as `solvePose` does.
 */
export function settle(footing: Footing, neighbour: Neighbour | null = null, heldReaches = false): Settled {
  const { body, stance } = footing
  const upper = neighbour?.upper?.isOf(body, stance) ? neighbour.upper : new UpperBody(body, stance)
  return settleBy(footing, upper, (legs, axes) =>
    stance.seat
      ? { pelvis: sit(body, stance, legs, axes), reached: null }
      : stand(footing, legs, axes, upper, neighbour?.reached ?? null, heldReaches),
  )
}

/** The same for somebody whose pelvis is known to be over a place of the floor: their centre follows from the body. */
export function settleUnder(footing: Footing, [x, y]: Vec2): Settled {
  const { body, stance } = footing
  return settleBy(footing, new UpperBody(body, stance), (legs, axes) => {
    moveHips(body, legs, axes, x, y)
    return { pelvis: [x, y, findPelvisHeight(body, stance, legs)], reached: null }
  })
}

/** Legs put where they are by what finds the pelvis; checked with the hands. */
function settleBy(
  footing: Footing,
  upper: UpperBody,
  find: (legs: BySide<Leg>, axes: PelvisAxes) => Pick<Settled, 'pelvis' | 'reached'>,
): Settled {
  const { body, stance } = footing
  const axes = calcPelvisAxes(stance)
  const legs = bySide((side) => new Leg(body, footing.feet[side], axes))
  const { pelvis, reached } = find(legs, axes)
  checkLegs(legs, stance)
  checkHands(upper, pelvis, stance)
  return { footing, legs, upper, pelvis, reached }
}

function calcPelvisAxes(stance: Stance): PelvisAxes {
  const cy = Math.cos(stance.pelvisYaw)
  const sy = Math.sin(stance.pelvisYaw)
  const ct = Math.cos(stance.pelvisTilt)
  const st = Math.sin(stance.pelvisTilt)
  return { fx: -sy * ct, fy: cy * ct, fz: -st, ux: -sy * st, uy: cy * st, uz: ct, xx: cy, xy: sy }
}

function moveHips(body: Body, legs: BySide<Leg>, axes: PelvisAxes, x: number, y: number): void {
  const half = body.hipSeparation / 2
  legs.left.setHip(x - half * axes.xx, y - half * axes.xy)
  legs.right.setHip(x + half * axes.xx, y + half * axes.xy)
}

function sit(body: Body, stance: Stance, legs: BySide<Leg>, axes: PelvisAxes): Vec3 {
  const seat = stance.seat as NonNullable<Stance['seat']>
  const z = seat.height + HIP_ABOVE_SEAT * body.stature
  moveHips(body, legs, axes, seat.at[0], seat.at[1])
  for (const side of SIDES) legs[side].place(z)
  return [seat.at[0], seat.at[1], z]
}

/**
 * Moves the pelvis until the centre of mass falls on the wanted point: Broyden's method on the two coordinates,
 * begun with the usual gain and set back to a smaller one where a step makes it worse.
 */
function stand(
  { body, stance, centre: [wantX, wantY] }: Footing,
  legs: BySide<Leg>,
  axes: PelvisAxes,
  upper: UpperBody,
  neighbour: Reached | null,
  heldReaches: boolean,
): { pelvis: Vec3; reached: Reached } {
  const { dx, dy, ...inverse } = neighbour ?? guess(stance, upper)
  let x = wantX + dx
  let y = wantY + dy
  let { bxx, bxy, byx, byy } = inverse
  let gain = GAIN
  let [sx, sy] = [0, 0]
  let [lastX, lastY, lastMiss] = [0, 0, 0]
  for (let step = 0; step < MOST_STEPS; step++) {
    moveHips(body, legs, axes, x, y)
    const z = findPelvisHeight(body, stance, legs, heldReaches)
    const [cx, cy] = projectCentre(stance, addLegMoments(body, legs, upper.calcMoment(x, y, z)))
    const missX = wantX - cx
    const missY = wantY - cy
    const miss = Math.sqrt(missX * missX + missY * missY)
    if (miss < STOP) return { pelvis: [x, y, z], reached: { dx: x - wantX, dy: y - wantY, bxx, bxy, byx, byy } }
    if (step > 0) {
      const yx = lastX - missX
      const yy = lastY - missY
      const byX = bxx * yx + bxy * yy
      const byY = byx * yx + byy * yy
      const along = sx * byX + sy * byY
      if (miss > lastMiss || !(Math.abs(along) > 1e-20)) {
        gain *= 0.7
        ;[bxx, bxy, byx, byy] = [gain, 0, 0, gain]
      } else {
        const rowX = (sx * bxx + sy * byx) / along
        const rowY = (sx * bxy + sy * byy) / along
        bxx += (sx - byX) * rowX
        bxy += (sx - byX) * rowY
        byx += (sy - byY) * rowX
        byy += (sy - byY) * rowY
      }
    }
    sx = bxx * missX + bxy * missY
    sy = byx * missX + byy * missY
    x += sx
    y += sy
    lastX = missX
    lastY = missY
    lastMiss = miss
  }
  // Nothing was found: with the pelvis about where it would be, a leg that cannot reach is the reason.
  const about = guess(stance, upper)
  moveHips(body, legs, axes, wantX + about.dx, wantY + about.dy)
  findPelvisHeight(body, stance, legs, heldReaches)
  checkLegs(legs, stance)
  throw new InputError('stance', null, { code: 'pose', steps: MOST_STEPS })
}

/** About where the pelvis will be: the trunk's share of the way from under the centre. */
function guess(stance: Stance, upper: UpperBody): Reached {
  const [x, y] = stance.supports.length > 0 ? [0, 0] : upper.calcMoment(0, 0, 0)
  return { dx: -x, dy: -y, bxx: GAIN, bxy: 0, byx: 0, byy: GAIN }
}

function addLegMoments(body: Body, legs: BySide<Leg>, upper: Vec3): Vec3 {
  const { thigh, shank, foot } = body.segments
  let [x, y, z] = upper
  for (const side of SIDES) {
    const leg = legs[side]
    const f = leg.foot
    const atHip = thigh.mass * (1 - thigh.centre)
    const atKnee = thigh.mass * thigh.centre + shank.mass * (1 - shank.centre)
    const atAnkle = shank.mass * shank.centre
    const footU = f.heelU + foot.centre * (f.toeU - f.heelU)
    x += atHip * leg.hipX + atKnee * leg.kneeX + atAnkle * f.ankleX + foot.mass * (f.hx + footU * f.ux)
    y += atHip * leg.hipY + atKnee * leg.kneeY + atAnkle * f.ankleY + foot.mass * (f.hy + footU * f.uy)
    z += atHip * leg.hipZ + atKnee * leg.kneeZ + atAnkle * f.ankleZ
    z += foot.mass * (f.heelZ + foot.centre * (f.toeZ - f.heelZ))
  }
  return [x, y, z]
}

/** On a slope the centre falls downhill of the point under it by z·tan(slope). */
function projectCentre(stance: Stance, com: Vec3): Vec2 {
  if (stance.floor.slope === 0) return [com[0], com[1]]
  const shift = com[2] * Math.tan(stance.floor.slope)
  return [com[0] - shift * Math.sin(stance.floor.downhill), com[1] + shift * Math.cos(stance.floor.downhill)]
}

function checkLegs(legs: BySide<Leg>, stance: Stance): void {
  const beyond = (side: Side) => legs[side].offset - legs[side].thigh - legs[side].shank
  // The leg that is farther out is the one to name: it drags the other down.
  for (const side of beyond('right') > beyond('left') ? SIDES.toReversed() : SIDES) {
    const leg = legs[side]
    const length = leg.thigh + leg.shank
    const why =
      leg.hipZ <= leg.foot.ankleZ + 1e-9
        ? 'low'
        : leg.span > length + 1e-6
          ? 'far'
          : leg.flexion > FLEXION_MOST + 1e-9
            ? 'bent'
            : null
    if (why) throw new UnreachableError(side, beyond(side), stance.feet[side].heel, why)
  }
}

function checkHands(upper: UpperBody, pelvis: Vec3, stance: Stance): void {
  stance.supports.forEach((support, i) => {
    const { gap } = upper.calcArm(support.hand, pelvis)
    if (gap <= 1e-9) return
    throw new InputError(`stance.supports.${i}.at`, support.at, { code: 'handReach', hand: support.hand, by: gap })
  })
}

/** All joints and segments of what was settled. */
export function assemble({ footing, legs, upper, pelvis }: Settled): Pose {
  const { body, stance, feet } = footing
  const joints = {
    pelvis,
    suprasternal: add(pelvis, upper.onTrunk(body.suprasternalAbove)),
    c7: add(pelvis, upper.onTrunk(body.c7Above)),
    vertex: add(pelvis, upper.onTrunk(body.vertexAbove)),
  } as Record<JointName, Vec3>
  const segments: Segment[] = []
  const table = body.segments
  const addSegment = (kind: SegmentKind, name: string, centre: Vec3, from: JointName, to: JointName) =>
    segments.push({ name, mass: table[kind].mass * body.mass, centre, from, to })
  addSegment('head', 'head', add(pelvis, upper.headCentre), 'vertex', 'c7')
  addSegment('trunk', 'trunk', add(pelvis, upper.trunkCentre), 'suprasternal', 'pelvis')
  for (const side of SIDES) {
    const [at, of] = [JOINTS[side], SEGMENTS[side]]
    const arm = upper.calcArm(side, pelvis)
    const shoulder = add(pelvis, upper.calcShoulder(side))
    joints[at.shoulder] = shoulder
    joints[at.elbow] = arm.joints.elbow
    joints[at.wrist] = arm.joints.wrist
    joints[at.knuckle] = arm.joints.knuckle
    const centres = upper.calcArmCentres(shoulder, arm.joints)
    addSegment('upperArm', of.upperArm, centres.upperArm, at.shoulder, at.elbow)
    addSegment('forearm', of.forearm, centres.forearm, at.elbow, at.wrist)
    addSegment('hand', of.hand, centres.hand, at.wrist, at.knuckle)
  }
  for (const side of SIDES) {
    const [at, of] = [JOINTS[side], SEGMENTS[side]]
    const leg = legs[side]
    const f = feet[side]
    const hip: Vec3 = [leg.hipX, leg.hipY, leg.hipZ]
    const knee: Vec3 = [leg.kneeX, leg.kneeY, leg.kneeZ]
    const ankle: Vec3 = [f.ankleX, f.ankleY, f.ankleZ]
    const heel: Vec3 = [f.hx + f.heelU * f.ux, f.hy + f.heelU * f.uy, f.heelZ]
    const toe: Vec3 = [f.hx + f.toeU * f.ux, f.hy + f.toeU * f.uy, f.toeZ]
    joints[at.hip] = hip
    joints[at.knee] = knee
    joints[at.ankle] = ankle
    joints[at.heel] = heel
    joints[at.toe] = toe
    addSegment('thigh', of.thigh, mixSpace(hip, knee, table.thigh.centre), at.hip, at.knee)
    addSegment('shank', of.shank, mixSpace(knee, ankle, table.shank.centre), at.knee, at.ankle)
    addSegment('foot', of.foot, mixSpace(heel, toe, table.foot.centre), at.heel, at.toe)
  }
  let x = 0
  let y = 0
  let z = 0
  for (const { mass, centre } of segments) {
    x += mass * centre[0]
    y += mass * centre[1]
    z += mass * centre[2]
  }
  const centreOfMass: Vec3 = [x / body.mass, y / body.mass, z / body.mass]
  return {
    body,
    stance,
    feet,
    legs,
    pelvis,
    pelvisDrop: body.standingHipHeight - pelvis[2],
    joints,
    segments,
    centreOfMass,
    centre: projectCentre(stance, centreOfMass),
    loadLeft: footing.loadLeft,
  }
}
