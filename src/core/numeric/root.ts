const CLOSE = 1e-10
const MOST_STEPS = 60

/**
 * Where a continuous function crosses zero between two places at which its signs differ (bracketed secant, Illinois).
 * Stops within so much of zero, or when the bracket is spent.
 */
export function findRoot(
  a: number,
  fa: number,
  b: number,
  fb: number,
  f: (x: number) => number,
  close = CLOSE,
): number {
  let x = b
  for (let i = 0; i < MOST_STEPS && Math.abs(b - a) > 1e-14; i++) {
    x = (a * fb - b * fa) / (fb - fa)
    const fx = f(x)
    if (Math.abs(fx) < close) return x
    if (fx > 0 === fb > 0) {
      fa /= 2
    } else {
      a = b
      fa = fb
    }
    b = x
    fb = fx
  }
  return x
}
