/** The glass of a bubble vial that lies along x, its ends at 0 and at its length; y down, in the drawing's own units. */

const BOW = 7

/** How far the middle of the glass stands above its ends. */
export const bowOf = (length: number): number => Math.min(BOW, length / 30)

/** Height of the glass' axis: a shallow parabola. */
export const rise = (x: number, length: number, bow: number): number => -4 * bow * (x / length) * (1 - x / length)

/** Half of a bubble's length. */
export const halfBubble = (length: number): number => Math.min(18, Math.max(9, length / 24))

export const clamp = (x: number, low: number, high: number): number => Math.min(high, Math.max(low, x))

const STEPS = 12

/** A part of the glass, from one place to another. */
export function bandPath(from: number, to: number, thickness: number, riseAt: (x: number) => number): string {
  const points = Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS)
  const line = (xs: number[], side: 1 | -1) =>
    xs.map((x) => `${x.toFixed(1)} ${(riseAt(x) + (side * thickness) / 2).toFixed(1)}`)
  return `M${line(points, -1).join('L')}L${line([...points].reverse(), 1).join('L')}Z`
}
