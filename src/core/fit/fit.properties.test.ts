import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyCosts } from '@/testing/costs'
import { type Body, resolveBody } from '../body/body'
import type { Limits, Person } from '../body/person'
import { DEG, type Side } from '../conventions'
import { type Candidate, listCandidates } from '../postures/candidates'
import { layOut } from '../postures/measures'
import { postureOf } from '../postures/postures'
import { asStoodBy, meetDemands } from '../variants/demands'
import { holdOn } from '../variants/hold'
import { calcDeeperBend, isAsSaid } from './as-said'
import { chooseLevels } from './choose-levels'
import { LevelScale, type Taught } from './weigh-levels'

type Order = { knee: number; load: number; arm: number }

const anyOrder: fc.Arbitrary<Order> = fc.record({
  knee: fc.integer({ min: 15, max: 60 }),
  load: fc.integer({ min: 30, max: 100 }),
  arm: fc.integer({ min: 30, max: 120 }),
})

const limitsOf = ({ knee, load, arm }: Order, side: Side): Limits => ({
  [side]: { kneeFlexionMax: knee * DEG, armElevationMax: arm * DEG },
  loadMax: side === 'left' ? { left: load / 100, right: 1 } : { left: 1, right: load / 100 },
})

const bodyOf = (person: Partial<Person>, limits: Limits = {}): Body =>
  resolveBody({ stature: 1.64, mass: 66, sex: 'female', age: 70, ...person, limits })

/** Which of some versions somebody passes. */
function passed(body: Body, posture: string, side: Side, chairs: boolean, every = 37): boolean[] {
  const { measures, keeps } = postureOf(posture)
  const taught: Taught = { posture, side, keeps }
  const candidates = listCandidates(measures['long-upright'], keeps)
  const scale = new LevelScale(body, taught, candidates[0] as Candidate, chairs)
  return candidates.filter((_, i) => i % every === 0).map((candidate) => scale.pass(candidate) !== null)
}

const anyTaught = fc.constantFrom('brush-knee', 'white-crane', 'golden-rooster', 'cloud-hands')

describe('what somebody passes', () => {
  it('is never less where they may do more', () => {
    fc.assert(
      fc.property(anyTaught, anyOrder, anyOrder, (posture, order, more) => {
        const looser = {
          knee: Math.max(order.knee, more.knee),
          // With more weight allowed they are steadier sideways as taught, and nothing may take that away.
          load: order.load,
          arm: Math.max(order.arm, more.arm),
        }
        const tight = passed(bodyOf({}, limitsOf(order, 'left')), posture, 'left', true)
        const loose = passed(bodyOf({}, limitsOf(looser, 'left')), posture, 'left', true)
        tight.forEach((passes, i) => {
          if (passes) expect(loose[i]).toBe(true)
        })
      }),
      { numRuns: 15 },
    )
  })

  it('is the same on the other side for somebody limited on the other side', () => {
    fc.assert(
      fc.property(anyTaught, anyOrder, fc.integer({ min: 55, max: 90 }), (posture, order, age) => {
        const left = passed(bodyOf({ age }, limitsOf(order, 'left')), posture, 'left', true)
        expect(passed(bodyOf({ age }, limitsOf(order, 'right')), posture, 'right', true)).toEqual(left)
      }),
      { numRuns: 12 },
    )
  })

  it('is never less with a chair, nor with less to keep in reserve', () => {
    fc.assert(
      fc.property(anyTaught, fc.integer({ min: 60, max: 92 }), (posture, age) => {
        const bare = passed(bodyOf({ age }), posture, 'left', false)
        const chair = passed(bodyOf({ age }), posture, 'left', true)
        const steady = passed(bodyOf({ age, swayReserve: 0.008, swayReserveOneFoot: 0.005 }), posture, 'left', false)
        bare.forEach((passes, i) => {
          if (passes) expect([chair[i], steady[i]]).toEqual([true, true])
        })
      }),
      { numRuns: 12 },
    )
  })

  it('is nothing that stands, for somebody who sits', () => {
    expect(passed(bodyOf({}, { seatedOnly: true }), 'brush-knee', 'left', true)).not.toContain(true)
  })
})

describe('the choice of levels', () => {
  it('is never worse with one level more, and never has more levels than asked for', () => {
    fc.assert(
      fc.property(anyCosts, (rows) => {
        const [one, two, three] = [1, 2, 3].map((most) => chooseLevels(rows, most)) as [
          ReturnType<typeof chooseLevels>,
          ReturnType<typeof chooseLevels>,
          ReturnType<typeof chooseLevels>,
        ]
        for (const [fewer, more] of [
          [one, two],
          [two, three],
        ] as const) {
          expect(more.unfitted).toBeLessThanOrEqual(fewer.unfitted)
          if (more.unfitted === fewer.unfitted) expect(more.total).toBeLessThanOrEqual(fewer.total + 1e-9)
        }
        expect([one.levels.length <= 1, two.levels.length <= 2, three.levels.length <= 3]).toEqual([true, true, true])
      }),
    )
  })

  it('does not depend on the order of the people', () => {
    fc.assert(
      fc.property(anyCosts, fc.nat(), (rows, by) => {
        const turn = by % rows.length
        const turned = [...rows.slice(turn), ...rows.slice(0, turn)]
        const [a, b] = [chooseLevels(rows, 2), chooseLevels(turned, 2)]
        expect([b.unfitted, b.total]).toEqual([a.unfitted, expect.closeTo(a.total, 9)])
      }),
    )
  })

  it('leaves nobody without who could be fitted, and costs no less, when somebody joins', () => {
    fc.assert(
      fc.property(anyCosts, (rows) => {
        fc.pre(rows.length > 1)
        const [all, without] = [chooseLevels(rows, 2), chooseLevels(rows.slice(1), 2)]
        expect(all.unfitted).toBeGreaterThanOrEqual(without.unfitted)
        expect(all.unfitted).toBeLessThanOrEqual(without.unfitted + 1)
        if (all.unfitted === without.unfitted) expect(all.total).toBeGreaterThanOrEqual(without.total - 1e-9)
      }),
    )
  })
})

describe('the bend that is said', () => {
  const body = bodyOf({ age: 40 })
  const bow = postureOf('bow').measures['long-upright']
  const laid = (step: number, kneeDeg: number) =>
    layOut({ ...bow, step, kneeFlexion: kneeDeg * DEG }, body, 'left', 'bow')

  it('is had as taught, and not higher over the whole step; a shorter step gives it back', () => {
    expect(isAsSaid(body, laid(bow.step, 40))).toBe(true)
    expect(isAsSaid(body, laid(bow.step, 25))).toBe(false)
    expect(isAsSaid(body, laid(0.25 * bow.step, 25))).toBe(true)
  })

  it('is passed by more, the higher it is asked and the longer the step', () => {
    const deeper = (step: number, kneeDeg: number) => calcDeeperBend(body, laid(step, kneeDeg)) as number
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.24, noNaN: true }),
        fc.integer({ min: 10, max: 40 }),
        (step, kneeDeg) => {
          expect(deeper(step, kneeDeg - 3)).toBeGreaterThanOrEqual(deeper(step, kneeDeg) - 1e-9)
          expect(deeper(step + 0.02, kneeDeg)).toBeGreaterThanOrEqual(deeper(step, kneeDeg) - 1e-9)
        },
      ),
    )
  })

  it('is nobody’s where the legs cannot reach at all', () => {
    expect(calcDeeperBend(body, laid(0.8, 20))).toBeNull()
    expect(isAsSaid(body, laid(0.8, 20))).toBe(false)
  })
})

describe('a hand on a support', () => {
  const stance = layOut(postureOf('bow').measures['long-upright'], bodyOf({}), 'left', 'bow')

  it('stands beside the shoulder of its hand, in whole centimetres', () => {
    const body = bodyOf({})
    for (const [hand, sign] of [
      ['left', -1],
      ['right', 1],
    ] as const) {
      const [support] = holdOn(body, stance, 'chair-back', hand).supports
      expect(support).toMatchObject({ kind: 'chair-back', hand, maxLoad: 0.1 })
      const middle = (stance.feet.left.heel[0] + stance.feet.right.heel[0]) / 2
      expect(Math.sign((support?.at[0] ?? 0) - middle)).toBe(sign)
      for (const metres of support?.at ?? []) expect(metres * 100).toBeCloseTo(Math.round(metres * 100), 9)
    }
  })

  it('is what somebody needs, with either hand; a wall pushes them back toward the middle', () => {
    const needing = bodyOf({}, { support: 'wall' })
    const holds = meetDemands(needing, stance).map(({ supports }) => supports[0])
    // The hand that the posture asks less of first.
    expect(holds.map((support) => support?.hand)).toEqual(['right', 'left'])
    expect(holds.map((support) => Math.sin(support?.toward ?? 0))).toEqual([1, -1])
    expect(asStoodBy(needing, stance).supports).toHaveLength(1)
    expect(asStoodBy(bodyOf({}), stance)).toBe(stance)
  })
})
