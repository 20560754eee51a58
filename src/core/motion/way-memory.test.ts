import { describe, expect, it } from 'vitest'
import { toRoutine } from '@/documents/routine-document'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { makePath, type Path } from './path'
import { keepWays } from './way-memory'

const who = () => resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const said = (path: Path) => JSON.stringify(path)
const WALK = {
  school: 'therapeutic' as const,
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left' as const, seconds: 8 },
    { posture: 'bow', side: 'right' as const, seconds: 8 },
  ],
}

describe('ways that were made before', () => {
  it('are not made again of the same body; the path is the one that is made without them', () => {
    const memory = keepWays()
    const parts = toRoutine(WALK, who())
    const first = makePath(who(), parts, 6, 'whole', memory)
    const again = makePath(who(), parts, 6, 'whole', memory)
    expect(again.transitions.map(({ made }) => made?.transition)).toEqual(
      first.transitions.map(({ made }) => made?.transition),
    )
    expect(again.transitions[1]?.made?.transition).toBe(first.transitions[1]?.made?.transition)
    expect(said(again)).toBe(said(makePath(who(), parts, 6)))
  })

  it('another body, another instant count or a part that is otherwise makes them anew; from there on alone', () => {
    const memory = keepWays()
    const parts = toRoutine(WALK, who())
    const first = makePath(who(), parts, 6, 'whole', memory)
    const slower = parts.map((part, i) => (i === 2 ? { ...part, seconds: 12 } : part))
    const later = makePath(who(), slower, 6, 'whole', memory)
    expect(later.transitions[0]?.made?.transition).toBe(first.transitions[0]?.made?.transition)
    expect(said(later)).toBe(said(makePath(who(), slower, 6)))
    const stiff = resolveBody({
      stature: 1.66,
      mass: 68,
      sex: 'female',
      age: 60,
      limits: { left: { kneeFlexionMax: 20 * DEG }, right: {} },
    })
    expect(said(makePath(stiff, parts, 6, 'whole', memory))).toBe(said(makePath(stiff, parts, 6)))
  })

  it('are forgotten where they were not asked for longest', () => {
    const body = who()
    const [, part] = toRoutine(WALK, body)
    const path = makePath(body, toRoutine(WALK, body), 6)
    const before = path.parts[0]
    if (!part || !before) throw new Error('no part')
    const memory = keepWays(2)
    const take = (seconds: number) =>
      memory.take(
        { body, before, part: { ...part, seconds }, index: 1, standing: null },
        { samples: 6, quick: true, longest: false },
      )
    const [a, b] = [take(8), take(9)]
    expect(take(8)).toBe(a)
    take(10)
    expect(take(8)).toBe(a)
    expect(take(9)).not.toBe(b)
  })
})
