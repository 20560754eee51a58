import { describe, expect, it } from 'vitest'
import { HOUR, standing, sum } from '@/testing/hour'
import { easePieces } from './ease-lesson'

describe('a gentler hour', () => {
  it('lasts as long, and stands less of it', () => {
    for (const share of [0.75, 0.5, 0.25]) {
      const eased = easePieces(HOUR, { share })
      expect(sum(eased)).toBe(sum(HOUR))
      expect(standing(eased) / standing(HOUR)).toBeCloseTo(share, 1)
    }
    const without = HOUR.filter(({ kind }) => kind !== 'rest' && kind !== 'talk')
    expect(sum(easePieces(without, { share: 0.5 }))).toBe(sum(without))
  })

  it('holds less long and stands higher where that is asked, and leaves what rests', () => {
    const eased = easePieces(HOUR, { share: 0.5, higherDeg: 10, holdMostS: 2, inPlace: true })
    expect(eased.find(({ id }) => id === 'legs')).toMatchObject({ holdS: 2, higherDeg: 10, minutes: 10 })
    expect(eased.find(({ id }) => id === 'walk')).toMatchObject({ kind: 'exercise', exercise: 'side-to-side' })
    expect(eased.find(({ id }) => id === 'rest')).toMatchObject({ kind: 'rest' })
  })
})
