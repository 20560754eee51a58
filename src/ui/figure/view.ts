import { calcHull, type Vec2, type Vec3 } from '@/core'
import type { Ball } from './body-parts'

/**
 * A body seen level from one side, in metres: x to the right of the picture, y up. `azimuth` turns the onlooker about
 * the person: 0 looks from the front (their right is on the picture's left), 90° from their right side.
 */
export type View = { sin: number; cos: number }

export const viewFrom = (azimuth: number): View => ({ sin: Math.sin(azimuth), cos: Math.cos(azimuth) })

export const FROM_FRONT = 0
export const FROM_RIGHT = Math.PI / 2

export const see = (view: View, [x, y, z]: Vec3): Vec2 => [-x * view.cos + y * view.sin, z]

/** How near a point is to the onlooker; larger is nearer. */
export const nearness = (view: View, [x, y]: Vec3): number => x * view.sin + y * view.cos

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
