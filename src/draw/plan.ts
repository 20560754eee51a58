import type { Vec2 } from '@/core'

/** How the floor lies on the screen: forward is up, right is right, at one scale. */
export type Plan = {
  width: number
  height: number
  /** Pixels to a metre. */
  scale: number
  /** The floor point at the middle of the drawing. */
  middle: Vec2
}

export const toScreen = (plan: Plan, [x, y]: Vec2): Vec2 => [
  plan.width / 2 + (x - plan.middle[0]) * plan.scale,
  plan.height / 2 - (y - plan.middle[1]) * plan.scale,
]

export const toFloor = (plan: Plan, [px, py]: Vec2): Vec2 => [
  plan.middle[0] + (px - plan.width / 2) / plan.scale,
  plan.middle[1] - (py - plan.height / 2) / plan.scale,
]

/** A closed path through floor points. */
export const ringPath = (plan: Plan, ring: readonly Vec2[]): string =>
  ring.length === 0
    ? ''
    : `M${ring
        .map((p) =>
          toScreen(plan, p)
            .map((v) => v.toFixed(2))
            .join(' '),
        )
        .join('L')}Z`

/** A plan that shows all the points with some floor about them, and room at both sides for what is written there. */
export function fitPlan(points: readonly Vec2[], width: number, height: number, about = 0.16, beside = 0): Plan {
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [near, far] = [Math.min(...ys), Math.max(...ys)]
  const scale = Math.min((width - 2 * beside) / (right - left + 2 * about), height / (far - near + 2 * about))
  return { width, height, scale, middle: [(left + right) / 2, (near + far) / 2] }
}
