import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FOOT_OUTLINE, layOnFloor, makeStandingStance, resolveBody, setFooting, withContact } from '@/core'
import { bearingRing, solePath } from '@/draw/footprint'
import { fitPlan, ringPath, toFloor, toScreen } from '@/draw/plan'

const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male' })
const standing = makeStandingStance(body)
const footing = setFooting(body, standing)

const numbersOf = (path: string) => [...path.matchAll(/-?\d+(\.\d+)?/g)].map(([n]) => Number(n))

describe('the floor on the screen', () => {
  const point = fc.tuple(fc.double({ min: -2, max: 2, noNaN: true }), fc.double({ min: -2, max: 2, noNaN: true }))

  it('is to one scale, forward up and right right, there and back', () => {
    fc.assert(
      fc.property(point, point, (p, q) => {
        const plan = fitPlan([p, q], 400, 300)
        const [x, y] = toFloor(plan, toScreen(plan, p))
        expect(x).toBeCloseTo(p[0], 9)
        expect(y).toBeCloseTo(p[1], 9)
        const [ahead, beside] = [toScreen(plan, [p[0], p[1] + 0.1]), toScreen(plan, [p[0] + 0.1, p[1]])]
        const from = toScreen(plan, p)
        expect(from[1] - ahead[1]).toBeCloseTo(0.1 * plan.scale, 6)
        expect(beside[0] - from[0]).toBeCloseTo(0.1 * plan.scale, 6)
      }),
    )
  })

  it('shows all that it was asked to, with the room that was asked for at its sides', () => {
    fc.assert(
      fc.property(point, point, (p, q) => {
        const plan = fitPlan([p, q], 400, 300, { about: 0.05, beside: 60 })
        for (const one of [p, q]) {
          const [x, y] = toScreen(plan, one)
          expect(x).toBeGreaterThanOrEqual(60)
          expect(x).toBeLessThanOrEqual(340)
          expect(y).toBeGreaterThan(0)
          expect(y).toBeLessThan(300)
        }
      }),
    )
  })

  it('draws a sole that stays within half a centimetre of the model’s outline, and only what bears', () => {
    const plan = fitPlan(
      [
        [0, 0],
        [0.3, 0.3],
      ],
      1000,
      1000,
    )
    const foot = footing.feet.right
    const drawn = numbersOf(solePath(plan, foot))
    const outline = layOnFloor(foot, FOOT_OUTLINE).map((p) => toScreen(plan, p))
    const [xs, ys] = [drawn.filter((_, i) => i % 2 === 0), drawn.filter((_, i) => i % 2 === 1)]
    const within = 0.005 * plan.scale
    expect(Math.abs(Math.max(...xs) - Math.max(...outline.map(([x]) => x)))).toBeLessThan(within)
    expect(Math.abs(Math.min(...ys) - Math.min(...outline.map(([, y]) => y)))).toBeLessThan(within)
    const ball = setFooting(body, {
      ...standing,
      feet: { ...standing.feet, right: withContact(standing.feet.right, 'ball') },
    })
    expect(Math.min(...bearingRing(ball.feet.right).map(([, y]) => y))).toBeCloseTo(0.62 * body.footLength, 9)
    const air = setFooting(body, {
      ...standing,
      loadLeft: 1,
      feet: { ...standing.feet, right: { ...standing.feet.right, contact: 'air' } },
    })
    expect(bearingRing(air.feet.right)).toEqual([])
    expect(ringPath(plan, [])).toBe('')
  })
})
