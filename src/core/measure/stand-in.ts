import { GRAVITY, type Vec2 } from '../conventions'
import { clamp } from '../numeric/clamp'
import type { Reading, ReadingKind } from './readings'

/** Between 0 and 1, as a generator of random numbers gives it: the core has none of its own. */
export type Random = () => number

/**
 * Quiet standing of an older adult, for stand-ins of devices: RMS of 5 to 7 mm (posturography), a natural frequency
 * and a damping with which the mean speed of the centre of pressure is the usual 10 to 15 mm a second.
 */
export const OLDER_SWAY = { rmsAcross: 0.004, rmsAlong: 0.006, frequency: 0.3, damping: 0.4 } as const

/** What a stand-in is set to. Shares 0 to 1, metres, radians, kilograms. */
export type StandInSetting = {
  massKg: number
  /** Between the feet, metres: what a sway across moves from foot to foot. */
  track: number
  loadLeft: number
  centre: Vec2
  tilt: { pitch: number; roll: number }
  /** Between the edges of the board, and how far the centre lies from the one without the scale. */
  boardLength: number
  boardAt: number
  boardKg: number
  /** How much more than quiet standing; 1 is quiet. */
  sway: number
  /** Seconds from wobble to wobble, on average; null: none. */
  wobbleS: number | null
}

/** What goes wrong on the way: parts of all readings. */
export type Mischief = { dropped: number; repeated: number; swapped: number; unplugsAtS: number | null }

export const NO_MISCHIEF: Mischief = { dropped: 0, repeated: 0, swapped: 0, unplugsAtS: null }

/** Where a shift goes, from when on: on request. */
export type Shift = { atS: number; loadLeft: number }

/** Two independent normal numbers (Box & Muller 1958). */
function normals(random: Random): Vec2 {
  const radius = Math.sqrt(-2 * Math.log(1 - random()))
  const angle = 2 * Math.PI * random()
  return [radius * Math.cos(angle), radius * Math.sin(angle)]
}

/** A damped pendulum driven by white noise, in one direction: x'' = -ω²x - 2ζωx' + w, with RMS `rms` in the long run. */
class Pendulum {
  private x: number
  private v: number

  constructor(
    private readonly rms: number,
    first: Vec2,
  ) {
    // Begun as it goes on: drawn from what it comes to in the long run.
    this.x = rms * first[0]
    this.v = rms * OMEGA * first[1]
  }

  /** A wobble: at once so much faster than quiet sway is. */
  shove(times: number): void {
    this.v += times * this.rms * OMEGA
  }

  step(dt: number, noise: number): number {
    const drive = 2 * this.rms * Math.sqrt(OLDER_SWAY.damping * OMEGA ** 3)
    this.v += dt * (-(OMEGA ** 2) * this.x - 2 * OLDER_SWAY.damping * OMEGA * this.v) + drive * Math.sqrt(dt) * noise
    this.x += dt * this.v
    return this.x
  }
}

const OMEGA = 2 * Math.PI * OLDER_SWAY.frequency
/** Steps of the pendulum between two readings are no longer than this. */
const STEP_S = 0.01
/** How many times faster than quiet sway a wobble is, to either side. */
const WOBBLE = 6
/** How long a shift takes to be two thirds done. */
const SHIFT_S = 0.6
const NOISE = { kg: 0.05, copM: 0.0003, newtons: 1, tilt: 0.001 } as const
/** Height of the body over which a sway tilts the trunk, metres. */
const SWAY_HEIGHT = 0.95

/**
 * Readings of a stand-in, one after another, without end: somebody of the model who sways, and shifts on request.
 * @example standIn('scales', { massKg: 68, track: 0.3, loadLeft: 0.6, centre: [0, 0.1], tilt: { pitch: 0, roll: 0 }, boardLength: 1.2, boardKg: 8, boardAt: 0.5, sway: 1, wobbleS: null }, 10, seeded(1)).next().value.atS // => 0
 */
export function* standIn(
  kind: ReadingKind,
  setting: StandInSetting,
  rateHz: number,
  random: Random,
  shifts: readonly Shift[] = [],
): Generator<Reading, never> {
  const [a, b] = [normals(random), normals(random)]
  const across = new Pendulum(OLDER_SWAY.rmsAcross * setting.sway, a)
  const along = new Pendulum(OLDER_SWAY.rmsAlong * setting.sway, b)
  const steps = Math.max(1, Math.ceil(1 / rateHz / STEP_S))
  const dt = 1 / rateHz / steps
  let share = setting.loadLeft
  for (let i = 0; ; i++) {
    const atS = i / rateHz
    const goal = shifts.findLast((one) => one.atS <= atS)?.loadLeft ?? setting.loadLeft
    if (setting.wobbleS !== null && random() < 1 / rateHz / setting.wobbleS) {
      const way = 2 * Math.PI * random()
      across.shove(WOBBLE * Math.cos(way))
      along.shove(WOBBLE * Math.sin(way))
    }
    let sway: Vec2 = [0, 0]
    for (let k = 0; k < steps; k++) {
      const [one, other] = normals(random)
      sway = [across.step(dt, one), along.step(dt, other)]
      share += (goal - share) * (1 - Math.exp(-dt / SHIFT_S))
    }
    yield readingOf(kind, { atS, sway, share, setting, noise: [...normals(random), ...normals(random)] })
  }
}

type Instant = {
  atS: number
  sway: Vec2
  share: number
  setting: StandInSetting
  noise: [number, number, number, number]
}

function readingOf(kind: ReadingKind, { atS, sway, share, setting, noise }: Instant): Reading {
  const { massKg, track, centre, tilt, boardLength, boardAt, boardKg } = setting
  if (kind === 'scales') {
    const left = clamp(share - sway[0] / track, 0, 1)
    return {
      kind,
      atS,
      leftKg: Math.max(0, massKg * left + NOISE.kg * noise[0]),
      rightKg: Math.max(0, massKg * (1 - left) + NOISE.kg * noise[1]),
    }
  }
  if (kind === 'plate') {
    const cop: Vec2 = [centre[0] + sway[0] + NOISE.copM * noise[0], centre[1] + sway[1] + NOISE.copM * noise[1]]
    return { kind, atS, cop, forceN: massKg * GRAVITY + NOISE.newtons * noise[2] }
  }
  if (kind === 'level') {
    return {
      kind,
      atS,
      pitch: tilt.pitch + sway[1] / SWAY_HEIGHT + NOISE.tilt * noise[0],
      roll: tilt.roll + sway[0] / SWAY_HEIGHT + NOISE.tilt * noise[1],
    }
  }
  const borne = (massKg * (boardAt + sway[1])) / boardLength
  return { kind, atS, supportKg: boardKg / 2 + borne + NOISE.kg * noise[0] }
}

/**
 * The same readings as a bad cable gives them: some dropped, some twice, some after the next, and at last none.
 * @example [...disturb([{ atS: 0 }], NO_MISCHIEF, seeded(1))].length // => 1
 */
export function* disturb<R extends { atS: number }>(
  readings: Iterable<R>,
  { dropped, repeated, swapped, unplugsAtS }: Mischief,
  random: Random,
): Generator<R> {
  let kept: R | null = null
  for (const one of readings) {
    if (unplugsAtS !== null && one.atS >= unplugsAtS) break
    if (random() < dropped) continue
    if (kept === null && random() < swapped) {
      kept = one
      continue
    }
    yield one
    if (random() < repeated) yield one
    if (kept) yield kept
    kept = null
  }
  if (kept) yield kept
}
