import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { SIDES, type Vec2 } from '../conventions'
import { calcArea, calcHull } from '../geometry/polygon'
import { layOnFloor } from '../stance/foot'
import { setFooting } from '../stance/footing'
import { makeStandingStance } from '../stance/standing'
import { calcSupportingBase, calcUsableBase } from './base'
import { calcMargins, calcRose, findNearestEdge, viewEdges } from './margins'

const share = fc.double({ min: 0.05, max: 1, noNaN: true })
const place = fc.double({ min: -0.4, max: 0.4, noNaN: true })

/** Every corner of the possible shares times every corner of the parts, one by one. */
function slowBase(left: Vec2[], right: Vec2[], maxLeft: number, maxRight: number, hand: Vec2, most: number) {
  const points: { x: number; y: number }[] = []
  const ends = [
    [maxLeft, 0],
    [0, maxRight],
    [maxLeft, 1 - maxLeft],
    [1 - maxRight, maxRight],
    [maxLeft, 1 - maxLeft - most],
    [1 - maxRight - most, maxRight],
    [1, 0],
    [0, 1],
    [1 - most, 0],
    [0, 1 - most],
  ] as const
  for (const [wl, wr] of ends) {
    const g = 1 - wl - wr
    if (wl < -1e-12 || wr < -1e-12 || wl > maxLeft + 1e-12 || wr > maxRight + 1e-12) continue
    if (g < -1e-12 || g > most + 1e-12) continue
    for (const p of left) {
      for (const q of right) {
        points.push({ x: wl * p[0] + wr * q[0] + g * hand[0], y: wl * p[1] + wr * q[1] + g * hand[1] })
      }
    }
  }
  return calcHull(points)
}

describe('the usable base', () => {
  it('is every share within the limits times every place in the parts, as the slow way finds it', () => {
    fc.assert(
      fc.property(
        share,
        share,
        place,
        place,
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (maxLeft, maxRight, x, y, most) => {
          fc.pre(maxLeft + maxRight > 1.001)
          const limits = { loadMax: { left: maxLeft, right: maxRight } }
          const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', limits })
          const standing = makeStandingStance(body)
          const support = { kind: 'bar' as const, hand: 'left' as const, at: [x, y, 1] as const, maxLoad: most }
          const footing = setFooting(body, { ...standing, supports: [support] })
          const [left, right] = SIDES.map((side) => {
            const foot = footing.feet[side]
            const part = foot.part as NonNullable<typeof foot.part>
            return layOnFloor(foot, part.ring, part.centroid, body.usableAlong, body.usableAcross)
          }) as [Vec2[], Vec2[]]
          const fast = calcUsableBase(footing)
          const slow = slowBase(left, right, maxLeft, maxRight, [x, y], most)
          const area = (ring: { x: number; y: number }[]) => calcArea(ring.map((p): Vec2 => [p.x, p.y]))
          expect(area(fast)).toBeCloseTo(area(slow), 9)
          for (const corner of fast) {
            // What a corner is made of gives the corner.
            const hand = 1 - corner.ofLeft - corner.ofRight
            expect(corner.ofLeft * corner.left[0] + corner.ofRight * corner.right[0] + hand * x).toBeCloseTo(
              corner.x,
              9,
            )
          }
        },
      ),
    )
  })

  it('has a supporting part only where one foot carries 85 % or more', () => {
    const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male' })
    const at = (loadLeft: number) => calcSupportingBase(setFooting(body, { ...makeStandingStance(body), loadLeft }))
    expect(at(0.84)).toBeNull()
    expect(at(0.85)?.every(([x]) => x < 0)).toBe(true)
    expect(at(0.15)?.every(([x]) => x > 0)).toBe(true)
  })
})

describe('margins', () => {
  const square = [
    { x: 0, y: 0 },
    { x: 2, y: 0 },
    { x: 2, y: 2 },
    { x: 0, y: 2 },
  ]

  it('are measured inside a square, and its rose runs counter-clockwise from forward', () => {
    const margins = calcMargins(square, [0.5, 1.5])
    expect(margins).toMatchObject({ forward: 0.5, back: 1.5, left: 0.5, right: 1.5, nearest: 0.5 })
    const rose = calcRose(square, [0.5, 1.5])
    expect(rose).toHaveLength(72)
    expect([rose[0], rose[18], rose[36], rose[54]].map((d) => Number(d?.toFixed(9)))).toEqual([0.5, 0.5, 1.5, 1.5])
  })

  it('are negative outside, by the distance to the base, with no rays', () => {
    const beside = calcMargins(square, [3, 1])
    expect(beside).toMatchObject({ nearest: -1, forward: 0, back: 0, left: 0, right: 0 })
    // The nearest edge point lies to the left: a quarter turn.
    expect(beside.nearestDirection).toBeCloseTo(Math.PI / 2, 12)
    // Beyond a corner the distance is to the corner, not to the line through an edge.
    expect(calcMargins(square, [3, 3]).nearest).toBeCloseTo(-Math.SQRT2, 12)
  })

  it('of the rose are never shorter than the nearest distance, and reach it', () => {
    const inside = fc.tuple(
      fc.double({ min: 0.01, max: 1.99, noNaN: true }),
      fc.double({ min: 0.01, max: 1.99, noNaN: true }),
    )
    fc.assert(
      fc.property(inside, (centre) => {
        const views = viewEdges(square, centre)
        const nearest = views[findNearestEdge(views)]?.distance as number
        const shortest = Math.min(...calcRose(square, centre))
        expect(shortest).toBeGreaterThanOrEqual(nearest - 1e-12)
        expect(shortest).toBeCloseTo(nearest, 9)
      }),
    )
  })
})
