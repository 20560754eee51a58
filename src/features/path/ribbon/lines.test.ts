import { describe, expect, it } from 'vitest'
import { makePath, resolveBody, type ShownPath, showPath } from '@/core'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { listRolled, listRows, type RibbonRow } from './lines'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const walk = (parts: RoutineDocument['parts']): ShownPath => {
  const sized = toRoutine({ school: 'therapeutic', parts }, body)
  return showPath(makePath(body, sized, 12), sized)
}
const rowOf = (rows: readonly RibbonRow[], key: RibbonRow['key']) => rows.find((row) => row.key === key)
const valuesOf = (row: RibbonRow | undefined, line = 0) => (row?.lines[line]?.points ?? []).map(({ value }) => value)

const STEP = walk([{ posture: 'parallel' }, { posture: 'bow', side: 'left', anchor: 'right', seconds: 10 }])
const TURN = walk([{ posture: 'parallel' }, { posture: 'parallel', headingDeg: 45, seconds: 10 }])
const SHIFT = walk([
  { posture: 'parallel', with: { loadLeftPct: 50 } },
  { posture: 'parallel', with: { loadLeftPct: 80 }, seconds: 6 },
])

describe('what runs along time', () => {
  it('every row stays on the ribbon, and time goes on in each', () => {
    for (const path of [STEP, TURN, SHIFT])
      for (const { key, lines } of listRows(path, [{ breath: 'in-out', startS: 0, endS: path.seconds }]))
        for (const { points } of lines) {
          expect(points.length, key).toBeGreaterThan(2)
          for (const [i, { atS, value }] of points.entries()) {
            expect(value).toBeGreaterThanOrEqual(0)
            expect(value).toBeLessThanOrEqual(1)
            expect(atS).toBeGreaterThanOrEqual((points[i - 1]?.atS ?? 0) - 1e-9)
          }
        }
  })

  it('the margin is above its level where it keeps the reserve, and below where it does not', () => {
    const row = rowOf(listRows(STEP, []), 'assured')
    const instants = STEP.transitions.flatMap(({ phases }) => phases.flatMap((phase) => phase.instants))
    const most = Math.max(...instants.map(({ reserve }) => reserve))
    const level = row?.level ?? Number.NaN
    expect(row?.zero).toBeLessThan(level)
    const values = valuesOf(row)
    expect(values.some((value) => value > level)).toBe(true)
    expect(Math.min(...values) < level).toBe(instants.some(({ assured }) => assured < most))
  })

  it('weight is as the stances have it: half, then all of it on the right, then what the bow asks', () => {
    const values = valuesOf(rowOf(listRows(STEP, []), 'weight'))
    expect(values[0]).toBeCloseTo(0.5, 6)
    expect(Math.min(...values)).toBeCloseTo(0, 6)
    expect(values.at(-1)).toBeCloseTo(STEP.parts[1]?.stance.loadLeft ?? Number.NaN, 6)
    expect(valuesOf(rowOf(listRows(SHIFT, []), 'weight')).at(-1)).toBeCloseTo(0.8, 6)
  })

  it('a foot that lands on its heel has its toes up from then until they are down, the other one its heel behind the weight', () => {
    const rolled = listRolled(STEP)
    const rolls = STEP.transitions[0]?.readings?.rolls ?? []
    expect(rolls.length).toBeGreaterThan(0)
    for (const { foot, what } of rolls)
      expect(
        rolled.some((one) => one.foot === foot && one.what === what),
        `${foot} ${what}`,
      ).toBe(true)
    for (const { fromS, toS } of rolled) expect(toS).toBeGreaterThan(fromS)
    expect(listRolled(SHIFT)).toEqual([])
  })

  it('facing has a row only where it changes, from one end of it to the other', () => {
    expect(rowOf(listRows(STEP, []), 'heading')).toBeUndefined()
    const values = valuesOf(rowOf(listRows(TURN, []), 'heading'))
    expect([values[0], values.at(-1)]).toEqual([0, 1])
  })

  it('each knee has a line of its own, alike in a shift to nowhere and apart in a bow', () => {
    const knees = rowOf(listRows(STEP, []), 'knees')
    expect(knees?.lines.map(({ look }) => look)).toEqual(['ink', 'dashed'])
    const { left, right } = STEP.transitions[0]?.phases.at(-1)?.instants.at(-1)?.knees ?? { left: 0, right: 0 }
    const apart = (valuesOf(knees).at(-1) ?? 0) - (valuesOf(knees, 1).at(-1) ?? 0)
    expect(Math.sign(apart)).toBe(Math.sign(left - right))
  })

  it('breath goes in above and out below, half the time each; where it is free it is level', () => {
    const row = rowOf(listRows(STEP, [{ breath: 'in-out', startS: 2, endS: 10 }]), 'breath')
    const points = row?.lines[0]?.points ?? []
    expect(points.find(({ atS }) => atS === 2)?.value).toBe(0)
    expect(points.find(({ atS }) => atS === 6)?.value).toBe(1)
    expect(points.at(-1)).toEqual({ atS: 10, value: 0 })
    const out = rowOf(listRows(STEP, [{ breath: 'out', startS: 0, endS: 4 }]), 'breath')?.lines[0]?.points
    expect([out?.[0]?.value, out?.at(-1)?.value]).toEqual([1, 0])
    const free = rowOf(listRows(STEP, [{ breath: 'free', startS: 1, endS: 3 }]), 'breath')?.lines[0]?.points
    expect(free).toEqual([
      { atS: 1, value: 0.5 },
      { atS: 3, value: 0.5 },
    ])
  })

  it('a path of which nothing could be walked has no rows', () => {
    const none = { ...STEP, transitions: STEP.transitions.map((one) => ({ ...one, phases: [] })) }
    expect(listRows(none, [{ breath: 'in', startS: 0, endS: 4 }])).toEqual([])
  })
})
