/** Between a value that holds and one that does not: the last that holds, to a tolerance. */
export function bisect(holds: (value: number) => boolean, from: number, to: number, tolerance: number): number {
  let [low, high] = [from, to]
  while (Math.abs(high - low) > tolerance) {
    const middle = (low + high) / 2
    if (holds(middle)) low = middle
    else high = middle
  }
  return low
}
