import { type Analysis, bySide, type Placement, type Pose, toRoom, type Vec2, type Vec3 } from '@/core'
import { mix } from './body-parts'

/** What a drawing of a body needs of an analysis. */
export type Drawn = Pick<Analysis, 'pose' | 'full' | 'usable' | 'legs' | 'findings'>

type Joints = Pose['joints']

/** A body where it stands in the room, about a point of it: directions are the room's. */
export function drawInRoom(drawn: Drawn, about: Vec2): Drawn {
  const { pose } = drawn
  const at: Placement = pose.stance.at ?? { x: 0, y: 0, heading: 0 }
  const place = ([x, y, z]: Vec3): Vec3 => {
    const [rx, ry] = toRoom(at, [x, y])
    return [rx - about[0], ry - about[1], z]
  }
  const ring = <B extends readonly { x: number; y: number }[]>(base: B): B =>
    base.map((corner) => {
      const [x, y] = place([corner.x, corner.y, 0])
      return { ...corner, x, y }
    }) as unknown as B
  const [cx, cy] = place([pose.centre[0], pose.centre[1], 0])
  const joints = Object.fromEntries(Object.entries(pose.joints).map(([name, at]) => [name, place(at)])) as Joints
  const supports = pose.stance.supports.map((support) => ({ ...support, at: place([...support.at] as Vec3) }))
  const { seat } = pose.stance
  const stance = {
    ...pose.stance,
    supports,
    pelvisYaw: pose.stance.pelvisYaw + at.heading,
    ...(seat && {
      seat: { ...seat, at: [...place([...seat.at, 0])].slice(0, 2) as unknown as Vec2, turned: at.heading },
    }),
  }
  return {
    ...drawn,
    pose: {
      ...pose,
      stance,
      joints,
      pelvis: place(pose.pelvis),
      centre: [cx, cy],
      centreOfMass: place(pose.centreOfMass),
    },
    full: ring(drawn.full),
    usable: ring(drawn.usable),
  }
}

/** A body on its way from one instant to the next, both about the same point: what is written stays the first's. */
export function drawBetween(a: Drawn, b: Drawn, part: number): Drawn {
  if (part <= 0 || a === b) return a
  const joints = Object.fromEntries(
    Object.entries(a.pose.joints).map(([name, at]) => [name, mix(at, b.pose.joints[name as keyof Joints], part)]),
  ) as Joints
  const of = (from: number, to: number) => from + (to - from) * part
  const [from, to] = [a.pose, b.pose]
  const yaw = of(from.stance.trunk.yaw, to.stance.trunk.yaw)
  return {
    ...a,
    legs: bySide((side) => ({ ...a.legs[side], flexion: of(a.legs[side].flexion, b.legs[side].flexion) })),
    pose: {
      ...from,
      joints,
      stance: {
        ...from.stance,
        pelvisYaw: of(from.stance.pelvisYaw, to.stance.pelvisYaw),
        trunk: { ...from.stance.trunk, yaw },
      },
      pelvis: mix(from.pelvis, to.pelvis, part),
      centreOfMass: mix(from.centreOfMass, to.centreOfMass, part),
      centre: [of(from.centre[0], to.centre[0]), of(from.centre[1], to.centre[1])],
    },
  }
}
