import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPerson, anyStance } from '@/testing/arbitrary'
import { resolveBody } from '../body/body'
import type { Person } from '../body/person'
import { DEG, type Vec2 } from '../conventions'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import { calcUsableBase } from './base'
import { viewEdges } from './margins'
import { ASSURED_SDS, calcAssured, calcCentreSd, INPUT_SD } from './uncertainty'

const PERSON: Person = { stature: 1.64, mass: 60, sex: 'female', usableAlong: 0.5, usableAcross: 0.6 }

function bow(person: Person): Stance {
  const standing = makeStandingStance(resolveBody(person))
  return {
    ...standing,
    loadLeft: 0.65,
    feet: {
      left: { ...standing.feet.left, heel: [-0.14, 0.34] },
      right: { ...standing.feet.right, heel: [0.14, 0], toeOut: 40 * DEG },
    },
  }
}

/** Distance from the centre to one edge of the usable base. */
function distanceOf(person: Person, stance: Stance, edge: number, shift: Vec2 = [0, 0]): number {
  const footing = setFooting(resolveBody(person), stance)
  const [x, y] = footing.centre
  const views = viewEdges(calcUsableBase(footing), [x + shift[0], y + shift[1]])
  return (views[edge] as { distance: number }).distance
}

describe('the uncertainty of a margin', () => {
  // The closed slopes against differences of the whole computation: the second way to the same number.
  const stance = bow(PERSON)
  const footing = setFooting(resolveBody(PERSON), stance)
  const base = calcUsableBase(footing)
  const assured = calcAssured(footing, base, viewEdges(base, footing.centre))
  const h = 1e-6
  const slope = (change: (by: number) => number) => (change(h) - change(-h)) / (2 * h)
  const at = (s: Stance, person = PERSON, shift?: Vec2) => distanceOf(person, s, assured.edge, shift)

  it('by the share', () => {
    const sd = INPUT_SD.shareFelt * slope((d) => at({ ...stance, loadLeft: stance.loadLeft + d }))
    expect(assured.parts.share).toBeCloseTo(Math.abs(sd), 8)
  })

  it('by half as much again where the soles feel little: of placing and pressing, and of nothing else', () => {
    const numb = { ...PERSON, numbFeet: true }
    const placed = setFooting(resolveBody(numb), bow(numb))
    const less = calcAssured(placed, base, viewEdges(base, placed.centre))
    expect(less.edge).toBe(assured.edge)
    for (const part of ['placing', 'pressure'] as const)
      expect(less.parts[part]).toBeCloseTo(1.5 * assured.parts[part], 9)
    for (const part of ['share', 'usable'] as const) expect(less.parts[part]).toBeCloseTo(assured.parts[part], 9)
    const [wide, usual] = [placed, footing].map((one) => calcCentreSd(one)[0]) as [number, number]
    expect(wide).toBeGreaterThan(usual)
  })

  it('by the pressure points, along and across each foot', () => {
    let square = 0
    for (const foot of [footing.feet.left, footing.feet.right]) {
      const load = foot.side === 'left' ? 0.65 : 0.35
      const move = (x: number, y: number) => slope((d) => at(stance, PERSON, [load * d * x, load * d * y]))
      square += (INPUT_SD.pressureAlong * foot.length * move(foot.ux, foot.uy)) ** 2
      square += (INPUT_SD.pressureAcross * foot.breadth * move(foot.vx, foot.vy)) ** 2
    }
    expect(assured.parts.pressure).toBeCloseTo(Math.sqrt(square), 8)
  })

  it('by where each foot is set and how it is turned about its heel', () => {
    let square = 0
    for (const side of ['left', 'right'] as const) {
      const set = stance.feet[side]
      const put = (foot: Partial<typeof set>) =>
        at({ ...stance, feet: { ...stance.feet, [side]: { ...set, ...foot } } })
      square += (INPUT_SD.placeM * slope((d) => put({ heel: [set.heel[0] + d, set.heel[1]] }))) ** 2
      square += (INPUT_SD.placeM * slope((d) => put({ heel: [set.heel[0], set.heel[1] + d] }))) ** 2
      square += (INPUT_SD.turn * slope((d) => put({ toeOut: set.toeOut + d }))) ** 2
    }
    expect(assured.parts.placing).toBeCloseTo(Math.sqrt(square), 8)
  })

  it('by the usable fractions, which are surer where they were measured', () => {
    const along = slope((d) => at(stance, { ...PERSON, usableAlong: 0.5 + d }))
    const across = slope((d) => at(stance, { ...PERSON, usableAcross: 0.6 + d }))
    expect(assured.parts.usable).toBeCloseTo(Math.hypot(0.03 * along, 0.03 * across), 8)
  })

  it('is the least over all edges, also those that it does not look at', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const set = setFooting(resolveBody(person), stance)
        const corners = calcUsableBase(set)
        const views = viewEdges(corners, set.centre)
        fc.pre(views.every(({ distance }) => distance >= 0))
        // From outside one edge alone decides: so each tells its own.
        const margins = views.map(({ distance }, edge) => {
          const only = views.map((view, i) => (i === edge ? { ...view, distance: -1 } : view))
          return distance - ASSURED_SDS * calcAssured(set, corners, only).sd
        })
        expect(calcAssured(set, corners, views).margin).toBeCloseTo(Math.min(...margins), 12)
      }),
    )
  })

  it('counts at most the lighter foot’s own share', () => {
    const light = { ...stance, loadLeft: 0.98 }
    const set = setFooting(resolveBody(PERSON), light)
    const felt = { ...set, stance: { ...light, loadLeft: 0.9, loadMeasured: true } }
    // 2 points against 1 point, on the same base and centre.
    expect(calcCentreSd(set)[1]).toBeGreaterThan(calcCentreSd(felt)[1])
  })
})
