import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { setFooting } from '../stance/footing'
import { makeStandingStance } from '../stance/standing'
import { spreadKeptPressures } from './pressure'

const PARTS = 2

describe('where a foot that carries all can be pressed', () => {
  const kept = (swayReserveOneFoot: number, eyes: 'open' | 'closed') => {
    const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 50, swayReserveOneFoot })
    const stance = { ...makeStandingStance(body), loadLeft: 1, eyes }
    return spreadKeptPressures(PARTS, (pressureAt) =>
      setFooting(body, { ...stance, feet: { ...stance.feet, left: { ...stance.feet.left, pressureAt } } }),
    )
  }

  it('keeps the reserve for one foot: less of the foot for a larger one, none where it keeps it nowhere', () => {
    const [[rear, front], [rearOfLarger, frontOfLarger]] = [kept(0.01, 'open'), kept(0.016, 'open')].map((range) => [
      range[0] as number,
      range.at(-1) as number,
    ]) as [[number, number], [number, number]]
    expect(rearOfLarger).toBeGreaterThan(rear)
    expect(frontOfLarger).toBeLessThan(front)
    expect(kept(0.08, 'open')).toEqual([])
  })

  it('keeps half as much again with closed eyes', () => {
    expect(kept(0.01, 'closed')).toEqual(kept(0.015, 'open'))
    expect(kept(0.01, 'closed')).not.toEqual(kept(0.01, 'open'))
  })
})
