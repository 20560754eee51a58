import { describe, expect, it } from 'vitest'
import { DEG } from '../conventions'
import { InputError } from '../errors'
import { USUAL_PRACTICE } from '../practice/rules'
import { calcBoardDistance, placeByBoard } from './board'
import { putInOrder, type Reading, type ReadingKind, type ReadingOf } from './readings'
import { seeded } from './seeded'
import { calcSplit } from './split'
import { disturb, OLDER_SWAY, type StandInSetting, standIn } from './stand-in'
import { StillReader } from './still'
import { calcSway, reserveOfSway } from './sway'

const SETTING: StandInSetting = {
  massKg: 68,
  track: 0.3,
  loadLeft: 0.62,
  centre: [0.03, 0.09],
  tilt: { pitch: 8 * DEG, roll: -2 * DEG },
  boardLength: 1.2,
  boardKg: 8,
  boardAt: 0.52,
  sway: 1,
  wobbleS: null,
}
const SEEDS = Array.from({ length: 60 }, (_, i) => i + 1)

function take<K extends ReadingKind>(kind: K, seconds: number, rateHz: number, seed: number, setting = SETTING) {
  const found: ReadingOf<K>[] = []
  for (const one of standIn(kind, setting, rateHz, seeded(seed))) {
    if (one.atS > seconds) break
    found.push(one as ReadingOf<K>)
  }
  return found
}

/** How many of the seeds lie within so many standard deviations. */
const within = (errors: readonly { error: number; sd: number }[], sds: number) =>
  errors.filter(({ error, sd }) => Math.abs(error) <= sds * sd).length / errors.length

describe('two scales', () => {
  it('by hand: 42 kg and 28 kg are 60 to 40, and no surer than a point', () => {
    const split = calcSplit([{ atS: 0, leftKg: 42, rightKg: 28 }])
    expect(split.loadLeft).toBeCloseTo(0.6)
    expect(split.totalKg).toBe(70)
    expect(split.sd).toBe(0.01)
    // A child of 25 kg: the scales' own 0.4 kg are more than a point then.
    expect(calcSplit([{ atS: 0, leftKg: 12.5, rightKg: 12.5 }]).sd).toBeCloseTo((0.4 / 25) * Math.SQRT1_2, 6)
  })

  it('are as sure as their seconds: readings within one second say the same', () => {
    // Ten a second for ten seconds, to and fro by ten points each way: a spread of 0.1 over ten that are independent.
    const readings = Array.from({ length: 101 }, (_, i) => {
      const leftKg = 35 + (i % 2 === 0 ? 7 : -7)
      return { atS: i / 10, leftKg, rightKg: 70 - leftKg }
    })
    const { sd, spread } = calcSplit(readings)
    expect(spread).toBeCloseTo(0.1, 3)
    expect(sd).toBeCloseTo(Math.hypot((0.4 / 70) * Math.SQRT1_2, 0.1 / Math.sqrt(10)), 4)
  })

  it('recover what a stand-in was set to, within what they state, over sixty seeds', () => {
    const errors = SEEDS.map((seed) => {
      const { loadLeft, sd } = calcSplit(take('scales', 10, 10, seed))
      return { error: loadLeft - SETTING.loadLeft, sd }
    })
    expect(within(errors, 2)).toBeGreaterThanOrEqual(0.93)
  })

  it('ask for somebody to stand on them', () => {
    expect(() => calcSplit([])).toThrow(InputError)
    expect(() => calcSplit([{ atS: 0, leftKg: 0, rightKg: 0 }])).toThrow(InputError)
  })
})

describe('a board on two edges', () => {
  it('by hand: a third of the weight on the far edge is a third of the way', () => {
    const { distance, sd } = calcBoardDistance({ length: 1.2, tareKg: 4, readKg: 24, massKg: 60 })
    expect(distance).toBeCloseTo(0.4)
    // 1.2/60 · 0.4 kg twice, a third of it for the mass, and 3 mm of the edges.
    expect(sd).toBeCloseTo(Math.hypot(0.008 * Math.SQRT2, 0.008 / 3, 0.003), 6)
  })

  it('names what cannot be', () => {
    const field = (of: Partial<Parameters<typeof calcBoardDistance>[0]>) => {
      try {
        calcBoardDistance({ length: 1.2, tareKg: 4, readKg: 24, massKg: 60, ...of })
      } catch (error) {
        return (error as InputError).field
      }
    }
    expect([field({ readKg: 3 }), field({ readKg: 65 }), field({ length: 0 }), field({ massKg: 0 })]).toEqual([
      'readKg',
      'readKg',
      'length',
      'massKg',
    ])
  })

  it('recovers a stand-in, and two settings give the place on the floor', () => {
    const errors = SEEDS.map((seed) => {
      const readings = take('board', 5, 10, seed)
      const readKg = readings.reduce((sum, one) => sum + one.supportKg, 0) / readings.length
      const { distance, sd } = calcBoardDistance({ length: 1.2, tareKg: 4, readKg, massKg: 68 })
      return { error: distance - SETTING.boardAt, sd }
    })
    expect(within(errors, 2)).toBeGreaterThanOrEqual(0.93)
    const { centre } = placeByBoard({ distance: 0.5, sd: 0 }, { distance: 0.52, sd: 0 }, [0.35, 0.4], [-0.15, 0])
    expect(centre[0]).toBeCloseTo(0)
    expect(centre[1]).toBeCloseTo(0.12)
  })
})

describe('sway', () => {
  const circle = (radius: number, rateHz: number, seconds: number, turns: number) =>
    Array.from({ length: seconds * rateHz + 1 }, (_, i) => {
      const angle = (2 * Math.PI * turns * i) / (seconds * rateHz)
      return { atS: i / rateHz, cop: [radius * Math.cos(angle), radius * Math.sin(angle)] as const }
    })

  it('by hand: on a circle of 10 mm, four turns in twenty seconds', () => {
    const sway = calcSway(circle(0.01, 100, 20, 4))
    expect(sway.rms.across).toBeCloseTo(0.01 * Math.SQRT1_2, 4)
    expect(sway.meanSpeed).toBeCloseTo((2 * Math.PI * 0.01 * 4) / 20, 4)
    // π · 5.991 · r² / 2
    expect(sway.area).toBeCloseTo(Math.PI * 5.991464547 * 0.5e-4, 6)
  })

  it('is the same at another rate, in another order, with readings twice', () => {
    const [slow, fast] = [calcSway(circle(0.01, 50, 20, 4)), calcSway(circle(0.01, 200, 20, 4))]
    expect(slow.meanSpeed / fast.meanSpeed).toBeCloseTo(1, 2)
    const trace = circle(0.01, 50, 20, 4)
    expect(calcSway([...trace].reverse().concat(trace.slice(0, 30))).area).toBeCloseTo(slow.area, 9)
  })

  it('turned by a quarter it is as large, across and along changed; its long axis points where it goes', () => {
    const line = circle(0.01, 50, 20, 4).map(({ atS, cop }) => ({ atS, cop: [cop[0] * 0.2, cop[1]] as const }))
    const turned = line.map(({ atS, cop }) => ({ atS, cop: [-cop[1], cop[0]] as const }))
    const [a, b] = [calcSway(line), calcSway(turned)]
    expect(b.area).toBeCloseTo(a.area, 9)
    expect(b.rms.across).toBeCloseTo(a.rms.along, 9)
    expect(Math.sin(a.ellipse.heading)).toBeCloseTo(0, 6)
    expect(Math.cos(b.ellipse.heading)).toBeCloseTo(0, 6)
    expect(a.ellipse.major / a.ellipse.minor).toBeCloseTo(5, 1)
  })

  it('measures nothing across a gap, and asks for ten seconds', () => {
    const trace = circle(0.01, 50, 20, 4)
    const torn = trace.map(({ atS, cop }, i) =>
      i < 500 ? { atS, cop } : { atS: atS + 5, cop: [cop[0] + 0.5, cop[1]] as const },
    )
    expect(calcSway(torn).meanSpeed).toBeCloseTo(calcSway(trace).meanSpeed, 4)
    expect(() => calcSway(trace.slice(0, 400))).toThrow(InputError)
  })

  it('of a stand-in is what it was tuned to: RMS, and a mean speed as published for older adults', () => {
    const sways = SEEDS.slice(0, 20).map((seed) => calcSway(take('plate', 60, 50, seed)))
    const mean = (of: (one: (typeof sways)[number]) => number) => sways.reduce((sum, one) => sum + of(one), 0) / 20
    expect(mean(({ rms }) => rms.along) / OLDER_SWAY.rmsAlong).toBeCloseTo(1, 1)
    expect(mean(({ rms }) => rms.across) / OLDER_SWAY.rmsAcross).toBeCloseTo(1, 1)
    expect(mean(({ meanSpeed }) => meanSpeed)).toBeGreaterThan(0.008)
    expect(mean(({ meanSpeed }) => meanSpeed)).toBeLessThan(0.016)
    expect(Math.abs(mean(({ mean: [x] }) => x) - 0.03)).toBeLessThan(0.001)
  })

  it('of a stand-in that wobbles is larger, and goes back to where it was', () => {
    const wobbling = { ...SETTING, wobbleS: 5 }
    const areas = SEEDS.slice(0, 10).map((seed) => [
      calcSway(take('plate', 60, 50, seed)).area,
      calcSway(take('plate', 60, 50, seed, wobbling)).area,
    ])
    const mean = (at: 0 | 1) => areas.reduce((sum, pair) => sum + (pair[at] as number), 0) / areas.length
    expect(mean(1)).toBeGreaterThan(1.5 * mean(0))
    expect(Math.abs(calcSway(take('plate', 60, 50, 3, wobbling)).mean[1] - SETTING.centre[1])).toBeLessThan(0.01)
  })

  it('becomes a reserve by the rule, upward, and never less than the least', () => {
    expect(reserveOfSway({ rms: { across: 0.004, along: 0.0061 } }, USUAL_PRACTICE)).toBe(0.016)
    expect(reserveOfSway({ rms: { across: 0.001, along: 0.002 } }, USUAL_PRACTICE)).toBe(0.01)
  })
})

describe('a level', () => {
  const tilts = (pitches: readonly number[], rateHz = 20) =>
    pitches.map((pitch, i) => ({ atS: i / rateHz, pitch: pitch * DEG, roll: 0 }))
  const readAll = (all: ReturnType<typeof tilts>) => {
    const reader = new StillReader()
    return all.map((tilt) => reader.take(tilt))
  }

  it('is read after two seconds of stillness; a shake, a jump or a gap starts again', () => {
    const still = Array.from({ length: 41 }, (_, i) => 12 + 0.2 * Math.sin(i))
    const read = readAll(tilts(still))
    expect(read.findIndex(Boolean)).toBe(40)
    expect((read[40]?.mean.pitch ?? 0) / DEG).toBeCloseTo(12, 1)
    const shaken = readAll(tilts([...still.slice(0, 30), 20, ...still]))
    expect(shaken.findIndex(Boolean)).toBe(71)
    const gap = tilts(still).map((one, i) => ({ ...one, atS: one.atS + (i > 20 ? 1 : 0) }))
    expect(readAll(gap).every((one) => one === null)).toBe(true)
    // Twice, and a little late: neither holds it up.
    const bad = tilts(still).flatMap((one, i, all) => (i % 7 === 3 ? [one, one, all[i - 1] as typeof one] : [one]))
    expect(readAll(bad).at(-1)?.seconds).toBeCloseTo(2, 6)
  })

  it('recovers a stand-in', () => {
    const errors = SEEDS.map((seed) => {
      const reader = new StillReader()
      const still = take('level', 20, 20, seed)
        .map((one) => reader.take(one))
        .find(Boolean)
      return { error: (still?.mean.pitch ?? 9) - SETTING.tilt.pitch, sd: OLDER_SWAY.rmsAlong / 0.95 }
    })
    expect(within(errors, 2)).toBeGreaterThanOrEqual(0.93)
  })
})

describe('what a bad cable does', () => {
  const clean: Reading[] = take('scales', 30, 10, 7)
  const bad = [
    ...disturb(clean, { dropped: 0.1, repeated: 0.1, swapped: 0.1, unplugsAtS: 20 }, seeded(3)),
  ] as ReadingOf<'scales'>[]

  it('is put in order, and said', () => {
    const { readings, repeated, late } = putInOrder(bad)
    expect(readings.every(({ atS }, i) => i === 0 || atS > (readings[i - 1]?.atS ?? 0))).toBe(true)
    expect(repeated).toBeGreaterThan(5)
    expect(late).toBeGreaterThan(5)
    expect(readings.at(-1)?.atS).toBeLessThan(20)
  })

  it('changes what is read by no more than what is stated', () => {
    const { loadLeft, sd } = calcSplit(putInOrder(bad).readings)
    expect(Math.abs(loadLeft - SETTING.loadLeft)).toBeLessThan(2 * sd)
  })
})
