import type { Vec2 } from '../conventions'
import { InputError } from '../errors'
import type { Practice } from '../practice/rules'
import { GAP_S, putInOrder } from './readings'

/** Sway of the centre of pressure while somebody stands: metres, square metres, metres a second. x across, y along. */
export type Sway = {
  /** Of the 95 % prediction ellipse. */
  area: number
  rms: { across: number; along: number }
  meanSpeed: number
  seconds: number
  mean: Vec2
  /** Half axes of the ellipse, the longer first, and which way that points, counter-clockwise from ahead. */
  ellipse: { major: number; minor: number; heading: number }
}

/** Slower than this a trace is averaged to, whatever its rate: a mean speed depends on it, so that rates compare. */
const RATE_HZ = 25
/** χ² of two degrees of freedom at 95 %. */
const CHI_SQUARED = 5.991464547
const SECONDS_LEAST = 10

type Sample = { atS: number; cop: Vec2 }

/**
 * Area of the 95 % prediction ellipse π·χ²·√det(cov) (Schubert & Kirchner 2014; the rival with an F quantile, Prieto et
 * al. 1996, is a few percent larger in short traces), RMS about the mean, and path over time, of a trace in any order
 * and at any rate above 10 Hz. Nothing is measured across a gap.
 * @throws InputError for less than ten seconds
 * @param trace seconds, and metres across and along
 * @example calcSway(Array.from({ length: 751 }, (_, i) => ({ atS: i / 25, cop: [0, 0.004 * Math.sin(i)] }))).rms.along // => 0.002828
 */
export function calcSway(trace: readonly Sample[]): Sway {
  const runs = listRuns(trace).map(average)
  const samples = runs.flat()
  const seconds = samples.length / RATE_HZ
  if (seconds < SECONDS_LEAST) throw new InputError('readings', seconds, { code: 'secondsLeast', least: SECONDS_LEAST })
  const n = samples.length
  const mean: Vec2 = [sum(samples, ([x]) => x) / n, sum(samples, ([, y]) => y) / n]
  const xx = sum(samples, ([x]) => (x - mean[0]) ** 2) / n
  const yy = sum(samples, ([, y]) => (y - mean[1]) ** 2) / n
  const xy = sum(samples, ([x, y]) => (x - mean[0]) * (y - mean[1])) / n
  const middle = (xx + yy) / 2
  const apart = Math.hypot((xx - yy) / 2, xy)
  const path = runs.reduce((all, run) => all + pathOf(run), 0)
  const steps = runs.reduce((all, run) => all + Math.max(0, run.length - 1), 0)
  return {
    area: Math.PI * CHI_SQUARED * Math.sqrt(Math.max(0, xx * yy - xy * xy)),
    rms: { across: Math.sqrt(xx), along: Math.sqrt(yy) },
    meanSpeed: steps > 0 ? (path * RATE_HZ) / steps : 0,
    seconds,
    mean,
    ellipse: {
      major: Math.sqrt(CHI_SQUARED * (middle + apart)),
      minor: Math.sqrt(CHI_SQUARED * Math.max(0, middle - apart)),
      // Of the longer axis, from ahead: atan2 of twice the covariance gives it from the x axis.
      heading: Math.atan2(2 * xy, xx - yy) / 2 - Math.PI / 2,
    },
  }
}

const sum = (samples: readonly Vec2[], of: (at: Vec2) => number): number =>
  samples.reduce((all, one) => all + of(one), 0)

const pathOf = (run: readonly Vec2[]): number =>
  run.reduce((all, [x, y], i) => {
    const before = run[i - 1]
    return before ? all + Math.hypot(x - before[0], y - before[1]) : all
  }, 0)

/** What came without a gap. */
function listRuns(trace: readonly Sample[]): Sample[][] {
  const runs: Sample[][] = []
  for (const one of putInOrder(trace).readings) {
    const last = runs.at(-1)
    const before = last?.at(-1)
    if (last && before && one.atS - before.atS <= GAP_S) last.push(one)
    else runs.push([one])
  }
  return runs.filter((run) => run.length > 1)
}

/** Means over intervals of the rate; an interval that nothing fell into lies on the line between its neighbours. */
function average(run: readonly Sample[]): Vec2[] {
  const start = (run[0] as Sample).atS
  const count = Math.floor(((run.at(-1) as Sample).atS - start) * RATE_HZ) + 1
  const sums = Array.from({ length: count }, () => [0, 0, 0] as [number, number, number])
  for (const { atS, cop } of run) {
    const bin = sums[Math.min(count - 1, Math.floor((atS - start) * RATE_HZ + 1e-9))] as [number, number, number]
    bin[0] += cop[0]
    bin[1] += cop[1]
    bin[2]++
  }
  const filled = sums.flatMap(([x, y, n], i) => (n > 0 ? [{ i, at: [x / n, y / n] as Vec2 }] : []))
  return filled.flatMap(({ i, at }, k): Vec2[] => {
    const next = filled[k + 1]
    if (!next) return [at]
    const steps = next.i - i
    return Array.from({ length: steps }, (_, s): Vec2 => {
      const t = s / steps
      return [at[0] + (next.at[0] - at[0]) * t, at[1] + (next.at[1] - at[1]) * t]
    })
  })
}

/**
 * The reserve that a trace speaks for by a house's rule, metres, to whole millimetres upward: so many times the larger
 * RMS (twice to three times is what the model gives everybody), and never less than the least.
 * @param sway its RMS in metres
 * @returns metres, rounded up to whole millimetres
 * @example reserveOfSway({ rms: { across: 0.004, along: 0.006 } }, USUAL_PRACTICE) // => 0.015
 */
export const reserveOfSway = (
  { rms }: Pick<Sway, 'rms'>,
  { swayTimes, swayLeastMm }: Pick<Practice, 'swayTimes' | 'swayLeastMm'>,
): number => Math.ceil(Math.max(swayLeastMm, 1000 * swayTimes * Math.max(rms.across, rms.along)) - 1e-9) / 1000
