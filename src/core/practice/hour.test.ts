import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { toRoutine } from '@/documents/routine-document'
import { kneeLoad, type LegReading } from '../balance/legs'
import { resolveBody } from '../body/body'
import type { BySide } from '../conventions'
import { calcDose } from '../motion/dose'
import { makePath } from '../motion/path'
import { calcBudget, calcHour, findPressed, type WorkedPiece } from './hour'
import { addLoads, calcLoad, type Load, NO_LOAD, timesLoad } from './load'
import { USUAL_PRACTICE } from './rules'

const asks = (left: number, right = left): Load => ({ ...NO_LOAD, kneeNms: { left, right } })
const works = (seconds: number, left: number, right = left): WorkedPiece => ({
  seconds,
  load: asks(left, right),
  rests: false,
})
const rests = (seconds: number): WorkedPiece => ({ seconds, load: NO_LOAD, rests: true })

describe('how an hour tires', () => {
  it('by hand: it adds up, and half of it is gone with each minute of sitting', () => {
    const { curve, stretch, load, longestS } = calcHour([
      works(300, 1000, 500),
      rests(120),
      works(60, 200),
      works(60, 300),
    ])
    expect(load.kneeNms).toEqual({ left: 1500, right: 1000 })
    expect(curve.find(({ atS }) => atS === 420)?.tired.left).toBeCloseTo(250, 9)
    expect(curve.at(-1)?.tired.left).toBeCloseTo(750, 9)
    expect(stretch.left).toEqual({ nms: 1000, atS: 300, piece: 0 })
    expect(longestS).toBe(300)
  })

  it('a rest never makes it worse, wherever it is', () => {
    const piece = fc.record({ seconds: fc.integer({ min: 30, max: 600 }), nms: fc.integer({ min: 0, max: 9000 }) })
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 10 }), fc.nat(10), (pieces, at) => {
        const own = pieces.map(({ seconds, nms }) => works(seconds, nms))
        const rested = own.toSpliced(Math.min(at, own.length), 0, rests(120))
        const most = (some: WorkedPiece[]) => calcHour(some).stretch.left.nms
        expect(most(rested)).toBeLessThanOrEqual(most(own) + 1e-9)
        expect(calcHour(rested).load.kneeNms).toEqual(calcHour(own).load.kneeNms)
      }),
    )
  })
})

describe('what somebody is used to', () => {
  const day = (at: number, nms: number, complained = false) => ({
    day: `2026-03-${String(at).padStart(2, '0')}`,
    nms: { left: nms, right: nms },
    stretch: { left: nms / 2, right: nms / 2 },
    complained,
  })
  const budget = (...days: ReturnType<typeof day>[]) => calcBudget(days, '2026-03-25', 70, USUAL_PRACTICE)

  it('the most without complaint in three weeks, and a fifth; not that day itself, not longer ago', () => {
    expect(budget(day(18, 30_000), day(11, 25_000))).toEqual({
      all: { left: 36_000, right: 36_000 },
      stretch: { left: 18_000, right: 18_000 },
      from: 'history',
    })
    expect(budget(day(3, 50_000), day(11, 25_000), day(25, 90_000)).all.left).toBe(30_000)
  })

  it('without history, after only sitting, or after little that went well: a careful start by the mass', () => {
    const start = { from: 'start', all: { left: 21_000, right: 21_000 } }
    expect(budget()).toMatchObject(start)
    expect(budget(day(18, 0))).toMatchObject(start)
    expect(budget(day(18, 800))).toMatchObject(start)
  })

  it('a step less than what was complained of, unless as much went well; never less than half of a careful start', () => {
    expect(budget(day(18, 18_000, true), day(11, 800))).toMatchObject({ from: 'complaint', all: { left: 15_000 } })
    expect(budget(day(18, 900, true))).toMatchObject({ from: 'complaint', all: { left: 10_500 } })
    expect(budget(day(18, 30_000, true), day(11, 30_000))).toMatchObject({ from: 'history', all: { left: 36_000 } })
    // What was too much long ago, or is more than is allowed anyway, holds nothing back.
    expect(budget(day(1, 900, true)).from).toBe('start')
    expect(budget(day(18, 60_000, true)).from).toBe('start')
  })

  it('is pressed where the share is largest, of either leg', () => {
    const own = { all: { left: 1200, right: 1200 }, stretch: { left: 600, right: 600 }, from: 'history' as const }
    expect(findPressed(calcHour([works(60, 300, 1500), rests(600)]), own)).toMatchObject({
      side: 'right',
      what: 'stretch',
      share: 2.5,
    })
    expect(
      findPressed(calcHour([works(60, 590), rests(900), works(60, 590), rests(900), works(60, 590)]), own),
    ).toMatchObject({
      what: 'all',
      share: expect.closeTo(1.475),
    })
  })
})

describe('what a routine asks', () => {
  const body = resolveBody({ stature: 1.62, mass: 68, sex: 'female', age: 74 })
  const parts = (side: 'left' | 'right') =>
    toRoutine(
      {
        school: 'therapeutic',
        parts: [{ posture: 'parallel' }, { posture: 'bow', side, holdS: 7 }, { posture: 'parallel' }],
      },
      body,
    )
  const of = (side: 'left' | 'right', samples: number) => calcLoad(makePath(body, parts(side), samples), parts(side))

  it('is the dose of its path, and mirrored the mirror of it', () => {
    const [left, right] = [of('left', 20), of('right', 20)]
    const dose = calcDose(makePath(body, parts('left'), 20), parts('left'))
    for (const side of ['left', 'right'] as const) expect(left.kneeNms[side]).toBeCloseTo(dose.kneeNms[side], 6)
    expect(left.kneeNms.left).toBeCloseTo(right.kneeNms.right, 3)
    expect(left.loadedS.left).toBeCloseTo(right.loadedS.right, 3)
    expect(left.longestHoldS).toBe(7)
    expect(left.shifts.left + left.shifts.right).toBe(dose.shifts)
    expect(left.seconds).toBeCloseTo(
      parts('left').reduce((sum, { seconds, hold }) => sum + seconds + hold, 0),
      6,
    )
  })

  it('counts every second once, and a knee as loaded past what it bears at ease and half as much again', () => {
    const routine = parts('left').map((part) => ({ ...part, hold: 7 }))
    const path = makePath(body, routine, 20)
    const load = calcLoad(path, routine)
    // Worked out anew: each hold by its stance, each phase by trapezoids over whether its instants are loaded.
    const isLoaded = (legs: BySide<LegReading>) => kneeLoad(legs.left) > 0.3 * body.mass
    const holds = path.parts.map(({ analysis }, i) => {
      const { seconds, hold } = routine[i] as (typeof routine)[number]
      return analysis && isLoaded(analysis.legs) ? hold + (i === 0 ? seconds : 0) : 0
    })
    const ways = path.transitions.flatMap(({ made }) =>
      (made?.transition.phases ?? []).map(({ samples, seconds }) => {
        const loaded = samples.map(({ legs }) => (isLoaded(legs) ? 1 : 0))
        const ends = ((loaded[0] ?? 0) + (loaded.at(-1) ?? 0)) / 2
        return (seconds * (loaded.reduce<number>((sum, one) => sum + one, 0) - ends)) / (samples.length - 1)
      }),
    )
    const sum = (of: readonly number[]) => of.reduce((all, one) => all + one, 0)
    expect(load.loadedS.left).toBeCloseTo(sum(holds) + sum(ways), 6)
    expect([load.loadedS.left > 1, load.loadedS.left < load.seconds]).toEqual([true, true])
    expect(load.seconds).toBeCloseTo(sum(routine.map(({ seconds, hold }) => seconds + hold)), 6)
  })

  it('counts a shift from twenty points on', () => {
    const shifting = (pct: number) => {
      const routine = toRoutine(
        {
          school: 'therapeutic',
          parts: [{ posture: 'parallel' }, { posture: 'parallel', with: { loadLeftPct: 50 + pct } }],
        },
        body,
      )
      const path = makePath(body, routine, 4)
      return [calcDose(path, routine).shifts, calcLoad(path, routine).shifts.left]
    }
    expect([shifting(19), shifting(20), shifting(25)]).toEqual([
      [0, 0],
      [1, 1],
      [1, 1],
    ])
  })

  it('with few instants is what it is with many, to three percent', () => {
    const [few, many] = [of('left', 4), of('left', 40)]
    for (const side of ['left', 'right'] as const)
      expect(Math.abs(few.kneeNms[side] / many.kneeNms[side] - 1)).toBeLessThan(0.03)
  })

  it('adds up and multiplies; a hold stays as long as it is', () => {
    const one = of('left', 4)
    const twice = timesLoad(one, 2)
    expect(addLoads([one, one]).kneeNms.left).toBeCloseTo(twice.kneeNms.left, 9)
    expect(twice.longestHoldS).toBe(7)
    expect(timesLoad(one, 0).longestHoldS).toBe(0)
  })
})
