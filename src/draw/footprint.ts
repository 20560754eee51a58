import { BEARING_PARTS, type PlacedFoot, type Vec2 } from '@/core'
import { type Plan, toScreen } from './plan'

/**
 * The sole as a smooth shape for the eye: heel, waist, ball and toes, in the foot's unit frame (u / length,
 * v / breadth, outer side positive). The computation uses the model's outline; this one stays within a few
 * millimetres of it.
 */
const SOLE: readonly Vec2[] = [
  [0, 0],
  [0.03, 0.24],
  [0.12, 0.325],
  [0.3, 0.3],
  [0.47, 0.37],
  [0.64, 0.47],
  [0.76, 0.46],
  [0.87, 0.36],
  [0.945, 0.17],
  [0.99, -0.08],
  [1, -0.25],
  [0.965, -0.38],
  [0.86, -0.47],
  [0.73, -0.5],
  [0.58, -0.39],
  [0.42, -0.235],
  [0.26, -0.245],
  [0.1, -0.315],
  [0.03, -0.24],
]

/** What a drawing of a foot needs to know of it. */
export type DrawnFoot = Pick<
  PlacedFoot,
  'side' | 'contact' | 'length' | 'breadth' | 'hx' | 'hy' | 'ux' | 'uy' | 'vx' | 'vy'
>

/** A foot with its heel there, its toes in a direction counter-clockwise from ahead. */
export function footAt(
  side: 'left' | 'right',
  heel: Vec2,
  yaw: number,
  contact: PlacedFoot['contact'],
  { footLength, footBreadth }: { footLength: number; footBreadth: number },
): DrawnFoot {
  const [ux, uy] = [-Math.sin(yaw), Math.cos(yaw)]
  const [vx, vy] = side === 'right' ? [uy, -ux] : [-uy, ux]
  return { side, contact, length: footLength, breadth: footBreadth, hx: heel[0], hy: heel[1], ux, uy, vx, vy }
}

const onFloor = (foot: DrawnFoot, [u, v]: Vec2): Vec2 => [
  foot.hx + u * foot.length * foot.ux + v * foot.breadth * foot.vx,
  foot.hy + u * foot.length * foot.uy + v * foot.breadth * foot.vy,
]

/** The sole as a closed smooth path (Catmull-Rom through its points). */
export function solePath(plan: Plan, foot: DrawnFoot): string {
  const points = SOLE.map((p) => toScreen(plan, onFloor(foot, p)))
  const at = (i: number) => points[(i + points.length) % points.length] as Vec2
  let path = `M${at(0)
    .map((v) => v.toFixed(2))
    .join(' ')}`
  for (let i = 0; i < points.length; i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)]
    const c1 = [p1[0] + (p2[0] - p0[0]) / 6, p1[1] + (p2[1] - p0[1]) / 6]
    const c2 = [p2[0] - (p3[0] - p1[0]) / 6, p2[1] - (p3[1] - p1[1]) / 6]
    path += `C${[...c1, ...c2, ...p2].map((v) => v.toFixed(2)).join(' ')}`
  }
  return `${path}Z`
}

/** The part that bears, as the model has it; empty in the air. */
export function bearingRing(foot: DrawnFoot): Vec2[] {
  if (foot.contact === 'air') return []
  return BEARING_PARTS[foot.contact].ring.map((p) => onFloor(foot, p))
}

/** A point on the foot's midline, as a fraction of its length from the heel. */
export const midline = (foot: DrawnFoot, u: number, v = 0): Vec2 => onFloor(foot, [u, v])
