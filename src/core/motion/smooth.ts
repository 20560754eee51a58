/** A peak of the eased way, and a little: what changes faster from instant to instant is a jump. */
export const FASTEST = 3

/**
 * Heights of the hips at the instants of a phase, metres: where the reach would pull them down at once, they begin to
 * sink earlier, and rise no faster afterwards. Never higher than they were; the ends stay.
 */
export function smoothHeights(heights: readonly number[]): number[] {
  const range = Math.max(...heights) - Math.min(...heights)
  const most = (FASTEST * range) / (heights.length - 1)
  const smooth = [...heights]
  for (let i = smooth.length - 2; i > 0; i--)
    smooth[i] = Math.min(smooth[i] as number, (smooth[i + 1] as number) + most)
  for (let i = 1; i < smooth.length - 1; i++)
    smooth[i] = Math.min(smooth[i] as number, (smooth[i - 1] as number) + most)
  return smooth
}
