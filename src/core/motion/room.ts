import { calcSupportingBase } from '../balance/base'
import { calcMargins } from '../balance/margins'
import type { Body } from '../body/body'
import { SIDES, type Side, type Vec2, type Vec3 } from '../conventions'
import { UpperBody } from '../pose/upper-body'
import { FOOT_OUTLINE, layOnFloor, placeFoot } from '../stance/foot'
import { setFooting } from '../stance/footing'
import { toRoom } from '../stance/placed'
import type { Contact, Placement } from '../stance/stance'
import { instantOf, shareOn } from './instant'
import type { Path, PathPart } from './path'
import type { Stood } from './posing'
import type { TimedPhase } from './transition'

/**
 * Where an instant's centre and hips are in the room.
 * @example calcInRoom(stood).centre[1] // => 0.1129
 */
export function calcInRoom({ stance, centre, pelvis }: Stood): { centre: Vec2; pelvis: Vec3 } {
  const at = stance.at as Placement
  const [x, y] = toRoom(at, [pelvis[0], pelvis[1]])
  return { centre: toRoom(at, centre), pelvis: [x, y, pelvis[2]] }
}

/**
 * How far the centre is inside the usable part of the one foot that carries nearly all; null where none does.
 * @returns metres
 * @example calcSupportingSpare(ana, stood) // => null
 */
export function calcSupportingSpare(body: Body, { stance, centre }: Stood): number | null {
  const part = calcSupportingBase(setFooting(body, stance))
  return (
    part &&
    calcMargins(
      part.map(([x, y]) => ({ x, y })),
      centre,
    ).nearest
  )
}

/**
 * The box around outlines and knuckles at every instant: least and largest x and y in the room, metres.
 * @returns metres in the room: left and rear, right and front
 * @example calcExtent(path) // => [[-0.4287, -0.008167], [0.4321, 0.7404]]
 */
export function calcExtent({ body, parts, transitions }: Path): [Vec2, Vec2] {
  let [left, rear, right, front] = [Infinity, Infinity, -Infinity, -Infinity]
  const take = ([x, y]: Vec2) => {
    left = Math.min(left, x)
    right = Math.max(right, x)
    rear = Math.min(rear, y)
    front = Math.max(front, y)
  }
  for (const { stance, analysis } of parts) {
    if (!analysis) continue
    const { joints, feet } = analysis.pose
    const at = stance.at as Placement
    for (const side of SIDES) {
      for (const point of layOnFloor(feet[side], FOOT_OUTLINE)) take(toRoom(at, point))
      const [x, y] = joints[`${side}Knuckle`]
      take(toRoom(at, [x, y]))
    }
  }
  for (const { made } of transitions) {
    for (const { samples } of made?.transition.phases ?? []) for (const stood of samples) takeInstant(body, stood, take)
  }
  return [
    [left, rear],
    [right, front],
  ]
}

function takeInstant(body: Body, { stance, pelvis }: Stood, take: (point: Vec2) => void): void {
  const at = stance.at as Placement
  const upper = new UpperBody(body, stance)
  for (const side of SIDES) {
    const foot = placeFoot(body, side, stance.feet[side])
    for (const point of layOnFloor(foot, FOOT_OUTLINE)) take(toRoom(at, point))
    const [x, y] = upper.calcArm(side, pelvis).joints.knuckle
    take(toRoom(at, [x, y]))
  }
}

/**
 * How far the middle of the heels came from start to end, in the first part's heading; and how far facing turned.
 * @returns metres and radians in the first part's heading
 * @example calcDrift(path).y // => 0.0745
 */
export function calcDrift({ body, parts }: Path): Placement {
  const [first, last] = [parts[0], parts.at(-1)] as [PathPart, PathPart]
  const middle = ({ stance }: PathPart): Vec2 => {
    const { left, right } = instantOf(body, stance, 0).feet
    return [(left.heel[0] + right.heel[0]) / 2, (left.heel[1] + right.heel[1]) / 2]
  }
  const [a, b] = [middle(first), middle(last)]
  const from = (first.stance.at as Placement).heading
  const [cos, sin] = [Math.cos(from), Math.sin(from)]
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
  return { x: cos * dx + sin * dy, y: cos * dy - sin * dx, heading: (last.stance.at as Placement).heading - from }
}

/** A foot where it is set, with what it did to come there and when, in seconds from the routine's start. */
export type Footprint = {
  foot: Side
  heel: Vec2
  yaw: number
  contact: Contact
  part: number
  atS: number
  did: 'stands' | 'lands' | 'turns'
  /** What met the floor first; null where it did not land. */
  first: Contact | null
  about: 'heel' | 'ball' | null
  /** How far it turned where it was, and its largest share while it did. */
  angle: number
  load: number
}

/**
 * Footprints in the order in which they are set: both at first, then one for each touch and each turn.
 * @example listFootprints(path).length // => 4
 */
export function listFootprints({ body, parts, transitions }: Path): Footprint[] {
  const first = parts[0] as PathPart
  const start = instantOf(body, first.stance, 0)
  const stood = SIDES.map((side): Footprint => {
    const { heel, yaw, contact } = start.feet[side]
    return {
      foot: side,
      heel,
      yaw,
      contact,
      part: 0,
      atS: 0,
      did: 'stands',
      first: null,
      about: null,
      angle: 0,
      load: 0,
    }
  })
  const later = transitions.flatMap(({ made, to, startS }) =>
    (made?.transition.phases ?? []).flatMap((phase) => printOf(phase, to, startS)),
  )
  return [...stood, ...later]
}

function printOf(phase: TimedPhase, part: number, begins: number): Footprint[] {
  const { kind, foot, about, from, to, lands, startS, seconds } = phase
  if (!foot || (kind !== 'touch' && kind !== 'turn')) return []
  const { heel, yaw, contact } = to.feet[foot]
  const turns = kind === 'turn'
  const contactFirst = turns ? null : (lands?.contact ?? contact)
  return [
    {
      foot,
      heel,
      yaw,
      contact,
      part,
      atS: begins + startS + seconds,
      did: turns ? 'turns' : 'lands',
      first: contactFirst,
      about,
      angle: turns ? yaw - from.feet[foot].yaw : 0,
      load: Math.max(shareOn(from, foot), shareOn(to, foot)),
    },
  ]
}
