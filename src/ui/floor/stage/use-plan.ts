import { useRef } from 'react'
import type { Footing, Vec2 } from '@/core'
import { midline } from '@/draw/footprint'
import { fitPlan, type Plan, toScreen } from '@/draw/plan'

/** Floor kept about the feet when it is laid out anew, in metres. */
const ABOUT = 0.06
/** Pixels at both sides for shares and margins. */
const BESIDE = 62
/** On a narrow floor no more than this part of it, or the feet would be too small to take hold of. */
const BESIDE_MOST = 0.23
/** Feet this near the edge, in pixels, lay the floor out anew. */
const NEAR_EDGE = 16
/** A floor this much larger than the feet need is laid out anew. */
const TOO_WIDE = 1.5

/**
 * How the floor lies: it stays while the feet are moved about on it, and is laid out anew when they leave it or become
 * small on it, never during a drag.
 */
export function usePlan(
  footing: Footing,
  width: number,
  height: number,
  dragging: boolean,
  fits: number,
  text: number,
): Plan {
  const held = useRef<Plan | null>(null)
  const lastFit = useRef(fits)
  const points = listPoints(footing)
  const fit = fitPlan(points, width, height, { about: ABOUT, beside: Math.min(BESIDE * text, BESIDE_MOST * width) })
  const plan = held.current
  const resized = !plan || plan.width !== width || plan.height !== height
  const left = plan && points.some((p) => isNearEdge(plan, toScreen(plan, p)))
  const asked = lastFit.current !== fits
  lastFit.current = fits
  if (!plan || (!dragging && (asked || resized || left || fit.scale > plan.scale * TOO_WIDE))) held.current = fit
  return held.current ?? fit
}

function listPoints({ feet, stance, centre }: Footing): Vec2[] {
  const ends = [feet.left, feet.right].flatMap((foot): Vec2[] => [midline(foot, -0.05), midline(foot, 1.16)])
  const hands = stance.supports.flatMap(({ at, hand }): Vec2[] => [
    [at[0] + (hand === 'right' ? 0.2 : -0.2), at[1] + 0.1],
    [at[0], at[1] - 0.1],
  ])
  return [...ends, ...hands, centre, ...(stance.seat ? [stance.seat.at] : [])]
}

const isNearEdge = ({ width, height }: Plan, [x, y]: Vec2) =>
  x < NEAR_EDGE || y < NEAR_EDGE || x > width - NEAR_EDGE || y > height - NEAR_EDGE
