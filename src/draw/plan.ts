import type { Vec2 } from '@/core'

/** How the floor lies on the screen: forward is up, right is right, at one scale; seen from straight above unless it says otherwise. */
export type Plan = {
  width: number
  height: number
  /** Pixels to a metre. */
  scale: number
  /** The floor point at the middle of the drawing. */
  middle: Vec2
  /** How much of its depth is seen of a floor that is looked at from one side: the sine of the onlooker's height. */
  depth?: number
  /** -1 in a mirror. */
  flip?: 1 | -1
}

export const toScreen = ({ width, height, scale, middle, depth = 1, flip = 1 }: Plan, [x, y]: Vec2): Vec2 => [
  width / 2 + flip * (x - middle[0]) * scale,
  height / 2 - (y - middle[1]) * scale * depth,
]

export const toFloor = ({ width, height, scale, middle, depth = 1, flip = 1 }: Plan, [px, py]: Vec2): Vec2 => [
  middle[0] + (flip * (px - width / 2)) / scale,
  middle[1] - (py - height / 2) / (scale * depth),
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

type Fit = {
  /** Floor about the points, metres. */
  about?: number
  /** At both sides for what is written there, pixels. */
  beside?: number
  /** From which height and whether in a mirror it is looked at: see `View`. */
  seen?: { down: number; level: number; flip: 1 | -1 }
  /** How tall what stands on it is, metres. */
  tall?: number
}

/** A plan that shows all the points with some floor about them, and what stands on them. */
export function fitPlan(points: readonly Vec2[], width: number, height: number, fit: Fit = {}): Plan {
  const { about = 0.16, beside = 0, seen: { down, level, flip } = ABOVE, tall = 0 } = fit
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [near, far] = [Math.min(...ys), Math.max(...ys)]
  const over = tall * level
  const scale = Math.min(
    (width - 2 * beside) / (right - left + 2 * about),
    height / ((far - near + 2 * about) * down + over),
  )
  return { width, height, scale, middle: [(left + right) / 2, (near + far) / 2 + over / (2 * down)], depth: down, flip }
}

const ABOVE = { down: 1, level: 0, flip: 1 } as const
