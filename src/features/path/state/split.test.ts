import { describe, expect, it } from 'vitest'
import { makePath, resolveBody, showPath } from '@/core'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { findMiddle, splitPart } from './split'

const body = resolveBody({ stature: 1.62, mass: 70, sex: 'female', age: 72 })
const HURRIED: RoutineDocument = {
  school: 'long-upright',
  tempo: { halfBreathS: 1.5 },
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left', seconds: 5, breath: 'in-out' },
    { posture: 'bow', side: 'right', seconds: 5, breath: 'in-out', say: 'Pour.' },
    { posture: 'bow', side: 'left', headingDeg: 90, seconds: 5, breath: 'in-out' },
  ],
}

const walk = (routine: RoutineDocument) => {
  const parts = toRoutine(routine, body)
  return showPath(makePath(body, parts, 10), parts)
}
const shown = walk(HURRIED)
const shortOf = (path: typeof shown, from: number, to: number) =>
  path.transitions
    .filter((way) => way.to >= from && way.to <= to)
    .flatMap(({ findings }) => findings.filter(({ code }) => code === 'tempo.short'))
    .map(({ value, limit }) => limit - value)

describe('a movement in two', () => {
  it.each([1, 2, 3])('part %i: goes to where the foot has touched, and from there to where it went before', (at) => {
    const way = shown.transitions[at - 1]
    const middle = way && findMiddle(way)
    if (!way || !middle) throw new Error('no way')
    const routine = splitPart(HURRIED, at, middle, way.anchor)
    expect(routine.parts).toHaveLength(HURRIED.parts.length + 1)
    expect(routine.parts[at + 1]).toEqual(HURRIED.parts[at])
    const split = walk(routine)
    expect(split.transitions.map(({ error }) => error)).toEqual(split.transitions.map(() => null))
    const [then, now] = [shown.parts[at], split.parts[at + 1]]
    expect(now?.centre?.[0]).toBeCloseTo(then?.centre?.[0] ?? Number.NaN, 2)
    expect(now?.centre?.[1]).toBeCloseTo(then?.centre?.[1] ?? Number.NaN, 2)
    expect(now?.stance.at?.heading).toBeCloseTo((then?.stance.at?.heading ?? Number.NaN) as number, 3)
    // The standing foot still carries nearly all of it.
    const carried =
      way.anchor === 'left' ? split.parts[at]?.stance.loadLeft : 1 - (split.parts[at]?.stance.loadLeft ?? 0)
    expect(carried).toBeGreaterThan(0.7)
    expect(split.parts[at]?.stance.at?.heading).toBeCloseTo(middle.stance.at?.heading ?? Number.NaN, 3)
  })

  it('is of the posture that it goes to, in everybody’s own measure; where one turns, a stance of its own', () => {
    const parted = (at: number) => {
      const way = shown.transitions[at - 1]
      const middle = way && findMiddle(way)
      if (!way || !middle) throw new Error('no way')
      return splitPart(HURRIED, at, middle, way.anchor)
    }
    const [, half] = parted(1).parts
    const { anchor } = shown.transitions[0] as (typeof shown.transitions)[number]
    expect(half).toMatchObject({ posture: 'bow', side: 'left', breath: 'in-out', seconds: 5, anchor })
    expect(half).not.toHaveProperty('stance')
    expect(half?.with?.loadLeftPct).toBe(anchor === 'left' ? 100 : 0)
    const [, , , turned] = parted(3).parts
    expect(turned?.stance).toMatchObject({ posture: 'bow', side: 'left' })
    const tall = resolveBody({ stature: 1.9, mass: 85, sex: 'male', age: 50 })
    const parts = toRoutine(parted(1), tall)
    const path = showPath(makePath(tall, parts, 10), parts)
    expect(path.transitions.map(({ error }) => error)).toEqual(path.transitions.map(() => null))
    const long = (at: number) => {
      const { left, right } = path.parts[at]?.stance.feet ?? {}
      return Math.hypot((left?.heel[0] ?? 0) - (right?.heel[0] ?? 9), (left?.heel[1] ?? 0) - (right?.heel[1] ?? 9))
    }
    expect(long(1)).toBeCloseTo(long(2), 3)
  })

  it('is not offered where even the whole of its seconds is too short for one of the two', () => {
    const [way] = walk({
      ...HURRIED,
      parts: HURRIED.parts.slice(0, 2).map((part) => ({ ...part, seconds: 0.5 })),
    }).transitions
    expect(way?.findings.map(({ code }) => code)).toContain('tempo.short')
    expect(way && findMiddle(way)).toBeNull()
  })

  it('each of the two has time enough in its breath, where the whole had not', () => {
    expect(shortOf(shown, 2, 2)).toHaveLength(1)
    const way = shown.transitions[1]
    const middle = way && findMiddle(way)
    if (!middle) throw new Error('it is not offered')
    expect(shortOf(walk(splitPart(HURRIED, 2, middle, way.anchor)), 2, 3)).toEqual([])
  })

  it('a shift in place is parted where half of it is over', () => {
    const routine: RoutineDocument = {
      school: 'therapeutic',
      parts: [
        { posture: 'parallel', with: { loadLeftPct: 80 } },
        { posture: 'parallel', with: { loadLeftPct: 20 }, seconds: 4 },
      ],
    }
    const [way] = walk(routine).transitions
    const middle = way && findMiddle(way)
    expect(middle?.stance.loadLeft).toBeGreaterThan(0.3)
    expect(middle?.stance.loadLeft).toBeLessThan(0.7)
    expect(middle && splitPart(routine, 1, middle, null).parts[1]?.with?.loadLeftPct).toBeGreaterThan(30)
  })
})
