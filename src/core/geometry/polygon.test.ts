import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Vec2 } from '../conventions'
import { calcArea, calcCentroid, calcHull, calcOverlap, calcRay, clipHalfPlane } from './polygon'

const SQUARE: Vec2[] = [
  [0, 0],
  [2, 0],
  [2, 2],
  [0, 2],
]

const points = fc.array(fc.record({ x: fc.integer({ min: -50, max: 50 }), y: fc.integer({ min: -50, max: 50 }) }), {
  minLength: 3,
  maxLength: 30,
})

describe('polygons', () => {
  it('clips, measures and centres a square exactly', () => {
    // x >= 0.5 leaves a rectangle 1.5 wide and 2 tall about (1.25, 1).
    const right = clipHalfPlane(SQUARE, 1, 0, 0.5)
    expect(calcArea(right)).toBe(3)
    expect(calcCentroid(right)).toEqual([1.25, 1])
  })

  it('finds the area that two squares share', () => {
    const shifted = SQUARE.map(([x, y]): Vec2 => [x + 1, y + 1.5])
    expect(calcOverlap(SQUARE, shifted)).toBeCloseTo(0.5, 12)
    const apart = SQUARE.map(([x, y]): Vec2 => [x + 3, y])
    expect(calcOverlap(SQUARE, apart)).toBe(0)
  })

  it('meets the edge of a square from inside, and nothing from outside', () => {
    const ring = SQUARE.map(([x, y]) => ({ x, y }))
    expect(calcRay(ring, 0.5, 1, 1, 0)).toBeCloseTo(1.5, 12)
    expect(calcRay(ring, 3, 1, -1, 0)).toBe(0)
  })

  it('has a hull that is convex, counter-clockwise, and leaves no point outside', () => {
    fc.assert(
      fc.property(points, (cloud) => {
        const hull = calcHull(cloud)
        fc.pre(hull.length >= 3)
        for (let i = 0; i < hull.length; i++) {
          const a = hull[i] as { x: number; y: number }
          const b = hull[(i + 1) % hull.length] as { x: number; y: number }
          for (const p of cloud) {
            expect((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)).toBeGreaterThanOrEqual(0)
          }
        }
      }),
    )
  })
})
