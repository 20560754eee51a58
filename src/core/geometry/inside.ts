/** How far a point is inside a convex ring (counter-clockwise): its nearest edge; negative outside. */
export function calcInside(base: readonly { x: number; y: number }[], x: number, y: number): number {
  let least = Number.POSITIVE_INFINITY
  for (let i = 0; i < base.length; i++) {
    const a = base[i] as { x: number; y: number }
    const b = base[i + 1 === base.length ? 0 : i + 1] as { x: number; y: number }
    const [ex, ey] = [b.x - a.x, b.y - a.y]
    const distance = (ex * (y - a.y) - ey * (x - a.x)) / Math.sqrt(ex * ex + ey * ey)
    if (distance < least) least = distance
  }
  return least
}
