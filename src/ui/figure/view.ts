import { calcHull, type Vec2, type Vec3 } from '@/core'
import type { Ball } from './body-parts'

/**
 * A body seen from one side, in metres: x to the right of the picture, y up. `azimuth` turns the onlooker about the
 * person: 0 looks from the front (their right is on the picture's left), 90° from their right side. `tilt` raises the
 * onlooker: 0 is level with the floor, 90° straight above. `flip` is -1 in a mirror.
 */
export type View = { sin: number; cos: number; down: number; level: number; flip: 1 | -1 }

export const viewFrom = (azimuth: number, mirrored = false, tilt = 0): View => ({
  sin: Math.sin(azimuth),
  cos: Math.cos(azimuth),
  down: Math.sin(tilt),
  level: Math.cos(tilt),
  flip: mirrored ? -1 : 1,
})

export const FROM_FRONT = 0
export const FROM_RIGHT = Math.PI / 2
export const FROM_BEHIND = Math.PI
/** Straight above, ahead is up in the picture. */
export const FROM_ABOVE = viewFrom(FROM_BEHIND, false, Math.PI / 2)

/** How near a point is to who looks level, larger is nearer. */
const ahead = ({ sin, cos }: View, [x, y]: Vec3): number => x * sin + y * cos

export const see = (view: View, point: Vec3): Vec2 => {
  const [x, y, z] = point
  return [view.flip * (y * view.sin - x * view.cos), z * view.level - ahead(view, point) * view.down]
}

/** How near a point is to the onlooker; larger is nearer. */
export const nearness = (view: View, point: Vec3): number => ahead(view, point) * view.level + point[2] * view.down

/** Whether what is seen is the body's top rather than its side. */
export const isFromAbove = ({ down }: View): boolean => down > 0.9

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
