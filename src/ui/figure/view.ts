import { calcHull, type Vec2, type Vec3 } from '@/core'
import type { Ball } from './body-parts'

/**
 * A body seen level from one side, in metres: x to the right of the picture, y up. `azimuth` turns the onlooker about
 * the person: 0 looks from the front (their right is on the picture's left), 90° from their right side. `flip` is -1 in
 * a mirror. From above, ahead is up in the picture.
 */
export type View = { sin: number; cos: number; flip?: 1 | -1; above?: boolean }

export const viewFrom = (azimuth: number, mirrored = false): View => ({
  sin: Math.sin(azimuth),
  cos: Math.cos(azimuth),
  flip: mirrored ? -1 : 1,
})

export const FROM_ABOVE: View = { sin: 0, cos: 1, above: true }

export const FROM_FRONT = 0
export const FROM_RIGHT = Math.PI / 2

export const see = ({ sin, cos, flip = 1, above }: View, [x, y, z]: Vec3): Vec2 =>
  above ? [x, y] : [flip * (-x * cos + y * sin), z]

/** How near a point is to the onlooker; larger is nearer. */
export const nearness = ({ sin, cos, above }: View, [x, y, z]: Vec3): number => (above ? z : x * sin + y * cos)

const SAMPLES = 20

/** The outline of the hull of round parts: a limb is two, a foot is four. */
export function outline(view: View, balls: readonly Ball[]): Vec2[] {
  const points = balls.flatMap(({ at, r }) => {
    const [cx, cy] = see(view, at)
    return Array.from({ length: SAMPLES }, (_, i) => {
      const turn = (2 * Math.PI * i) / SAMPLES
      return { x: cx + r * Math.cos(turn), y: cy + r * Math.sin(turn) }
    })
  })
  return calcHull(points).map((p): Vec2 => [p.x, p.y])
}
