import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Margins } from '@/core'
import { nearestAxis, readAxis } from './bubble'

const LENGTH = 200
const SCALE = 400

const far = fc.double({ min: 0.03, max: 0.2, noNaN: true })
/** Margins of somebody inside their base, the nearest edge along one of the four ways. */
const inside = fc.record({ left: far, right: far, back: far, forward: far }).map((ways): Margins => {
  const toward = { forward: 0, left: Math.PI / 2, back: Math.PI, right: -Math.PI / 2 }
  const [way, nearest] = Object.entries(ways).sort((a, b) => a[1] - b[1])[0] as [keyof typeof toward, number]
  return { ...ways, nearest, nearestDirection: toward[way] }
})
const mirror = (margins: Margins): Margins => ({
  ...margins,
  left: margins.right,
  right: margins.left,
  nearestDirection: -margins.nearestDirection,
})
const outside = (nearestDirection: number): Margins => ({
  nearest: -0.02,
  nearestDirection,
  left: 0,
  right: 0,
  back: 0,
  forward: 0,
})

describe('where a bubble stands', () => {
  it('in the middle where both ends are as far; nearer to the end that is nearer, by half of what they differ', () => {
    fc.assert(
      fc.property(inside, (margins) => {
        const across = readAxis(margins, 'across', LENGTH, SCALE)
        expect(across.bubbleAt - LENGTH / 2).toBeCloseTo(((margins.left - margins.right) / 2) * SCALE, 9)
        const along = readAxis(margins, 'along', LENGTH, SCALE)
        expect(along.bubbleAt - LENGTH / 2).toBeCloseTo(((margins.back - margins.forward) / 2) * SCALE, 9)
        expect(across.beyond || along.beyond).toBe(false)
      }),
    )
  })

  it('mirrored, it stands as far on the other side, and its axis is the same', () => {
    fc.assert(
      fc.property(inside, (margins) => {
        const [here, there] = [margins, mirror(margins)].map((one) => readAxis(one, 'across', LENGTH, SCALE).bubbleAt)
        expect((here ?? 0) + (there ?? 0)).toBeCloseTo(LENGTH, 9)
        expect(readAxis(mirror(margins), 'along', LENGTH, SCALE)).toEqual(readAxis(margins, 'along', LENGTH, SCALE))
        expect(nearestAxis(mirror(margins))).toBe(nearestAxis(margins))
      }),
    )
  })

  it('outside it is off the glass, at the end that was left behind; on the other axis it stays where it is', () => {
    // The nearest edge of somebody who is past their right edge lies to the left.
    const pastRight = outside(Math.PI / 2)
    expect(nearestAxis(pastRight)).toBe('across')
    expect(readAxis(pastRight, 'across', LENGTH, SCALE).bubbleAt).toBeGreaterThan(LENGTH * 0.9)
    expect(readAxis(outside(-Math.PI / 2), 'across', LENGTH, SCALE).bubbleAt).toBeLessThan(LENGTH * 0.1)
    // Past the front edge it lies behind.
    expect(readAxis(outside(Math.PI), 'along', LENGTH, SCALE).bubbleAt).toBeGreaterThan(LENGTH * 0.9)
    expect(readAxis(outside(0), 'along', LENGTH, SCALE).bubbleAt).toBeLessThan(LENGTH * 0.1)
    expect(readAxis(pastRight, 'along', LENGTH, SCALE)).toMatchObject({ bubbleAt: LENGTH / 2, beyond: true })
  })
})
