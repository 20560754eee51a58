import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type ClassDay, decide, listConcerns } from './decide'
import { USUAL_PRACTICE } from './rules'

const CALM: Omit<ClassDay, 'day'> = {
  came: true,
  bad: false,
  whole: true,
  effort: 3,
  pain: 0,
  wobbles: 0,
  touches: 0,
  rounds: 6,
  nearFall: false,
  dizzy: false,
  stopped: false,
  holdS: { left: 10, right: 10 },
}
const on = (day: number) => `2026-03-${String(day).padStart(2, '0')}`
const classes = (...some: (Partial<ClassDay> & { at?: number })[]): ClassDay[] =>
  some.map(({ at, ...one }, i) => ({ ...CALM, day: on(at ?? 3 + 7 * i), ...one }))
const way = (...some: Parameters<typeof classes>) => decide(classes(...some), on(20), USUAL_PRACTICE, null).way
const codes = (...some: Parameters<typeof classes>) =>
  decide(classes(...some), on(20), USUAL_PRACTICE, null).reasons.map(({ code }) => code)

describe('harder, the same or easier', () => {
  it('harder after two calm classes, not after one, nor with a wobble, pain, effort or half of the level', () => {
    expect(way({}, {})).toBe('harder')
    expect([way({}), codes({})]).toEqual(['same', ['tooFew']])
    for (const busy of [{ effort: 4 }, { pain: 3 }, { wobbles: 1 }, { whole: false }]) {
      expect(way({}, busy), JSON.stringify(busy)).toBe('same')
      expect(way(busy, {}), JSON.stringify(busy)).toBe('same')
      expect(way(busy, {}, {}), JSON.stringify(busy)).toBe('harder')
    }
  })

  it('easier after effort 7, pain 4, a touch of the chair in every round, a near fall, dizziness or a stop: the last class alone says so', () => {
    const hard = [
      [{ effort: 7 }, 'effort'],
      [{ pain: 4 }, 'pain'],
      [{ touches: 6 }, 'touched'],
      [{ nearFall: true }, 'nearFall'],
      [{ dizzy: true }, 'dizzy'],
      [{ stopped: true }, 'stopped'],
    ] as const
    for (const [one, code] of hard) {
      expect([way({}, {}, one), codes({}, {}, one)]).toEqual(['easier', [code]])
      const answered = decide(classes(one, {}, {}), on(20), USUAL_PRACTICE, on(3))
      expect(answered.way, code).toBe('harder')
    }
    expect(way({}, { touches: 5 })).toBe('harder')
  })

  it('a bad day counts for neither; but what was hard on it is heard', () => {
    expect([way({}, {}, { bad: true, effort: 5 }), codes({}, {}, { bad: true })]).toEqual(['same', ['badDay']])
    expect(way({}, { bad: true, effort: 6 }, {})).toBe('harder')
    expect(way({}, {}, { bad: true, pain: 6 })).toBe('easier')
  })

  it('whoever was away for long begins anew; a missed week in between is no class', () => {
    expect(way({ at: 1 }, { at: 15 })).toBe('same')
    expect(way({ at: 1 }, { at: 8, came: false, effort: null }, { at: 11 })).toBe('harder')
    expect(decide(classes({ at: 1 }, { at: 8 }), on(25), USUAL_PRACTICE, null)).toMatchObject({
      way: 'same',
      reasons: [{ code: 'away', day: on(8), value: 17 }],
    })
  })

  it('what nobody wrote down never speaks for harder, whatever it is', () => {
    for (const key of ['effort', 'pain', 'wobbles', 'whole'] as const)
      expect([way({}, { [key]: null }), codes({}, { [key]: null })], key).toEqual(['same', ['unknown']])
    expect(decide([], on(1), USUAL_PRACTICE, null)).toMatchObject({
      way: 'same',
      reasons: [{ code: 'tooFew', value: 0 }],
    })
    expect(decide(classes({}, {}), on(4), USUAL_PRACTICE, null).way).toBe('same')
  })

  it('what happened in the last class is answered before anything harder: also pain that is new, whatever else was calm', () => {
    const grave = (...some: Parameters<typeof classes>) => {
      const { way, grave } = decide(classes(...some), on(20), USUAL_PRACTICE, null)
      return [way, grave.map(({ code }) => code)]
    }
    expect(grave({}, {}, { nearFall: true, dizzy: true, pain: 5 })).toEqual(['easier', ['nearFall', 'dizzy', 'pain']])
    expect(grave({}, {}, { pain: 2 })).toEqual(['same', ['painMore']])
    expect(grave({}, { pain: 2 }, { pain: 5 })).toEqual(['easier', ['pain']])
    expect(grave({ pain: 2 }, { pain: 2 }, { pain: 2 })).toEqual(['harder', []])
    // Classes that went well since are no answer; a word on it that day or later is, and days on end let it be.
    expect(grave({ nearFall: true }, {}, {})).toEqual(['same', ['nearFall']])
    const days = classes({ nearFall: true }, { dizzy: true }, {}, { nearFall: true })
    const open = (answered: string | null, day = on(31)) =>
      decide(days, day, USUAL_PRACTICE, answered).grave.map((one) => `${one.code} ${one.day}`)
    expect(open(null)).toEqual([`nearFall ${on(24)}`, `dizzy ${on(10)}`])
    expect(open(on(10))).toEqual([`nearFall ${on(24)}`])
    expect([open(on(24)), open(null, '2026-05-20')]).toEqual([[], []])
    expect(grave({}, {}, { nearFall: true, came: false })).toEqual(['harder', []])
  })

  it('more effort, pain or wobbles never make it harder', () => {
    const order = { easier: 0, same: 1, harder: 2 }
    const day = fc.record({
      effort: fc.integer({ min: 0, max: 10 }),
      pain: fc.integer({ min: 0, max: 10 }),
      wobbles: fc.integer({ min: 0, max: 4 }),
      touches: fc.integer({ min: 0, max: 8 }),
    })
    fc.assert(
      fc.property(
        day,
        day,
        fc.constantFrom('effort', 'pain', 'wobbles', 'touches'),
        fc.boolean(),
        (a, b, key, first) => {
          const worse = (one: typeof a, is: boolean) =>
            is ? { ...one, [key]: Math.min(10, one[key as 'effort'] + 2) } : one
          const before = order[way(a, b)]
          expect(order[way(worse(a, first), worse(b, !first))]).toBeLessThanOrEqual(before)
        },
      ),
    )
  })
})

describe('what a clinician should hear', () => {
  const told = (...some: Parameters<typeof classes>) => listConcerns(classes(...some), USUAL_PRACTICE)
  const said = (...some: Parameters<typeof classes>) => told(...some).map(({ code }) => code)

  it('pain that is new for two classes, or grows for two; one class, or the usual pain, is none', () => {
    expect(told({ pain: 0 }, { pain: 1 }, { pain: 3 }, { pain: 4, at: 27 })).toEqual([
      { code: 'pain.new', day: on(17), value: 4, before: 1 },
    ])
    expect(said({ pain: 0 }, { pain: 5 })).toEqual([])
    expect(said({ pain: 4 }, { pain: 4 }, { pain: 4 })).toEqual([])
    expect(said({ pain: 3 }, { pain: 4 }, { pain: 5 })).toEqual(['pain.growing'])
    expect(said({ pain: 3 }, { pain: 5 }, { pain: 4 })).toEqual([])
  })

  it('a near fall, dizziness, a stop: of the last three classes', () => {
    expect(said({ nearFall: true }, {}, {})).toEqual(['nearFall'])
    expect(said({ nearFall: true }, {}, {}, { at: 27 })).toEqual([])
    expect(said({ dizzy: true, stopped: true, nearFall: true })).toEqual(['nearFall', 'stopped', 'dizzy'])
  })

  it('left and right that drift apart: large, and larger each time', () => {
    const hold = (left: number, right: number) => ({ holdS: { left, right } })
    expect(told(hold(9, 10), hold(8, 10), hold(7, 10))).toEqual([
      { code: 'sides', day: on(17), value: expect.closeTo(0.3), before: expect.closeTo(0.1) },
    ])
    expect(said(hold(7, 10), hold(7, 10), hold(7, 10))).toEqual([])
    expect(said(hold(9.9, 10), hold(9.8, 10), hold(9.7, 10))).toEqual([])
    expect(said(hold(10, 7), hold(10, 6), hold(10, 5))).toEqual(['sides'])
  })
})
