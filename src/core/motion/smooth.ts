/** A peak of the eased way, and a little: what changes faster from instant to instant is a jump. */
const FASTEST = 2.5

/**
 * The most by which hips change from one instant of a phase to the next, metres: the pace of an eased way, or the even
 * one with which they come in time to where they have to be from where they begin or end.
 */
export function calcFastest(heights: readonly number[]): number {
  const last = heights.length - 1
  const [first, end] = [heights[0] as number, heights[last] as number]
  const paces = heights.map((height, i) =>
    Math.max(i > 0 ? (first - height) / i : 0, i < last ? (end - height) / (last - i) : 0),
  )
  return Math.max((FASTEST * (Math.max(...heights) - Math.min(...heights))) / last, ...paces)
}

/**
 * Heights of the hips at the instants of a phase, metres: where the reach would pull them down at once, they begin to
 * sink earlier, and rise no faster afterwards. Never higher than they were; the ends stay.
 */
export function smoothHeights(heights: readonly number[]): number[] {
  const most = calcFastest(heights)
  const smooth = [...heights]
  for (let i = smooth.length - 2; i > 0; i--)
    smooth[i] = Math.min(smooth[i] as number, (smooth[i + 1] as number) + most)
  for (let i = 1; i < smooth.length - 1; i++)
    smooth[i] = Math.min(smooth[i] as number, (smooth[i - 1] as number) + most)
  return smooth
}
