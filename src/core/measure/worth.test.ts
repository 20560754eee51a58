import { describe, expect, it } from 'vitest'
import { tryAnalyse } from '../analysis'
import { resolveBody } from '../body/body'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { calcWorth } from './worth'

const person = { stature: 1.62, mass: 66, sex: 'female', age: 74 } as const
const body = resolveBody(person)
const stance = buildPosture(postureOf('bow'), body, 'therapeutic', 'left')

describe('what a measurement is worth', () => {
  it.each(['split', 'usable'] as const)(
    'never makes a margin less sure, and takes its own part of it away: %s',
    (what) => {
      const worth = calcWorth(body, stance, what)
      const before = tryAnalyse(body, stance)
      if (!worth || !before) throw new Error('the bow cannot be stood')
      expect(worth.sdBefore).toBe(before.assured.sd)
      expect(worth.sdAfter).toBeLessThanOrEqual(worth.sdBefore)
      expect(worth.spareAfter).toBeGreaterThanOrEqual(worth.spareBefore - 1e-9)
      const parts = Object.values(before.assured.parts)
      expect(before.assured.parts[worth.most]).toBe(Math.max(...parts))
    },
  )

  it('is nothing where it was measured already, or nothing can be stood', () => {
    expect(calcWorth(body, { ...stance, loadMeasured: true }, 'split')).toBeNull()
    expect(calcWorth(resolveBody({ ...person, usableAlong: 0.7 }), stance, 'usable')).toBeNull()
    const { left, right } = stance.feet
    const apart = { ...stance, feet: { left: { ...left, heel: [0, 3] as const }, right } }
    expect(calcWorth(body, apart, 'split')).toBeNull()
  })

  it('of the split is more where the split is what is unsure', () => {
    const usable = resolveBody({ ...person, usableAlong: 0.7, usableAcross: 0.7 })
    const parallel = buildPosture(postureOf('parallel'), usable, 'therapeutic', 'left')
    const worth = calcWorth(usable, parallel, 'split')
    const before = tryAnalyse(usable, parallel)
    if (!worth || !before) throw new Error('standing cannot be stood')
    // Its variance is gone, the others stay.
    const rest = worth.sdBefore ** 2 - worth.sdAfter ** 2
    expect(Math.sqrt(Math.max(0, rest))).toBeLessThanOrEqual(before.assured.parts.share + 1e-6)
  })
})
