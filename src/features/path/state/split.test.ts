import { describe, expect, it } from 'vitest'
import { makePath, resolveBody, showPath } from '@/core'
import { type RoutineDocument, toRoutine } from '@/formats/routine-document'
import { findMiddle, splitPart } from './split'

const body = resolveBody({ stature: 1.62, mass: 70, sex: 'female', age: 72 })
const HURRIED: RoutineDocument = {
  school: 'long-upright',
  tempo: { halfBreathS: 1.5 },
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left', seconds: 3, breath: 'in-out' },
    { posture: 'bow', side: 'right', seconds: 3, breath: 'in-out', say: 'Pour.' },
    { posture: 'bow', side: 'left', headingDeg: 90, seconds: 3, breath: 'in-out' },
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
    expect(split.parts[at]?.stance.at?.heading).toBeCloseTo(middle.at?.heading ?? Number.NaN, 3)
  })

  it('each of the two lacks less for its breath than the whole did', () => {
    const [whole] = shortOf(shown, 2, 2)
    const way = shown.transitions[1]
    const middle = way && findMiddle(way)
    if (whole === undefined || !middle) throw new Error('the breath is long enough')
    const halves = shortOf(walk(splitPart(HURRIED, 2, middle, way.anchor)), 2, 3)
    for (const half of halves) expect(half).toBeLessThan(whole)
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
    expect(middle?.loadLeft).toBeGreaterThan(0.3)
    expect(middle?.loadLeft).toBeLessThan(0.7)
  })
})
