import fc from 'fast-check'
import { expect, it } from 'vitest'
import { buildPosture, DEG, postureOf, resolveBody, type Stance } from '@/core'
import { anyPerson } from '@/testing/arbitrary'
import { Scale } from './weigh'

/** What one lever after another does to a stance, so that each candidate has most of the one before. */
const change = fc.oneof(
  fc.record({ what: fc.constant('share' as const), by: fc.double({ min: -0.1, max: 0.1, noNaN: true }) }),
  fc.record({ what: fc.constant('heel' as const), by: fc.double({ min: -0.05, max: 0.05, noNaN: true }) }),
  fc.record({ what: fc.constant('yaw' as const), by: fc.double({ min: -10, max: 10, noNaN: true }) }),
  fc.record({ what: fc.constant('pitch' as const), by: fc.double({ min: -8, max: 8, noNaN: true }) }),
  fc.record({ what: fc.constant('hand' as const), by: fc.constant(0) }),
)

function apply(stance: Stance, { what, by }: { what: string; by: number }): Stance {
  const { left } = stance.feet
  switch (what) {
    case 'share':
      return { ...stance, loadLeft: Math.min(1, Math.max(0, stance.loadLeft + by)) }
    case 'heel':
      return { ...stance, feet: { ...stance.feet, left: { ...left, heel: [left.heel[0], left.heel[1] + by] } } }
    case 'yaw':
      return { ...stance, pelvisYaw: stance.pelvisYaw + by * DEG }
    case 'pitch':
      return { ...stance, trunk: { ...stance.trunk, pitch: stance.trunk.pitch + by * DEG } }
    default: {
      const held = { kind: 'chair-back' as const, hand: 'left' as const, at: [-0.45, 0.1, 0.85] as const, maxLoad: 0.1 }
      return { ...stance, supports: stance.supports.length > 0 ? [] : [held] }
    }
  }
}

it('weighs a candidate after others as it weighs it alone, whatever it takes from the one before', () => {
  fc.assert(
    fc.property(anyPerson, fc.array(change, { minLength: 3, maxLength: 8 }), (person, changes) => {
      const body = resolveBody(person)
      let stance = buildPosture(postureOf('bow'), body, 'long-upright', 'left')
      const scale = new Scale(body, new Map())
      for (const one of changes) {
        stance = apply(stance, one)
        const after = scale.weigh(stance)
        const alone = new Scale(body, new Map()).weigh(stance)
        expect([after.verdict, after.passes, after.assured]).toEqual([alone.verdict, alone.passes, alone.assured])
        if (Number.isFinite(alone.kneeLoad)) expect(after.kneeLoad).toBeCloseTo(alone.kneeLoad, 2)
      }
    }),
  )
})
