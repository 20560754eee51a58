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

  it('leaves nobody only sitting: what legs are spared is for arms and waist on a chair, in turn', () => {
    const eased = easePieces(HOUR, { share: 0.5 })
    expect(eased.filter(({ kind }) => kind === 'rest' || kind === 'talk').map(({ minutes }) => minutes)).toEqual([5, 4])
    const seated = eased.filter(({ limbs }) => limbs === 'seated')
    expect(seated.map(({ exercise, minutes }) => [exercise, minutes])).toEqual([
      ['arms', 5],
      ['waist', 5],
      ['arm-circles', 5],
      ['arms', 4],
    ])
    // Gentler once more it is still an hour of pieces that are told apart.
    const again = easePieces(eased, { share: 0.5 })
    expect([sum(again), new Set(again.map(({ id }) => id)).size]).toEqual([sum(HOUR), again.length])
    // Also where one of them was taken out, and where half minutes are left.
    const fewer = eased.filter(({ id }) => id !== 'seated-0').map((one) => ({ ...one, minutes: one.minutes + 0.5 }))
    const less = easePieces(fewer, { share: 0.5 })
    expect([sum(less), new Set(less.map(({ id }) => id)).size]).toEqual([sum(fewer), less.length])
  })

  it('holds less long and stands higher where that is asked, and leaves what rests', () => {
    const eased = easePieces(HOUR, { share: 0.5, higherDeg: 10, holdMostS: 2, inPlace: true })
    expect(eased.find(({ id }) => id === 'legs')).toMatchObject({ holdS: 2, higherDeg: 10, minutes: 10 })
    expect(eased.find(({ id }) => id === 'walk')).toMatchObject({ kind: 'exercise', exercise: 'side-to-side' })
    expect(eased.find(({ id }) => id === 'rest')).toMatchObject({ kind: 'rest' })
  })
})
