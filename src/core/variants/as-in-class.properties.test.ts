import fc from 'fast-check'
import { expect, it } from 'vitest'
import { anyPerson } from '@/testing/arbitrary'
import { tryAnalyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { weighBody } from '../fit/fit-class'
import { layOut } from '../postures/measures'
import { postureOf } from '../postures/postures'
import { anyLimits } from './any-limits.test-helper'
import { findVariants } from './variants'

const anyTaught = fc.constantFrom(
  'bow',
  'brush-knee',
  'push',
  'white-crane',
  'golden-rooster',
  'cloud-hands',
  'parallel',
)

it('finds for one person whatever a class fit finds for them', () => {
  fc.assert(
    fc.property(anyPerson, anyLimits, anyTaught, fc.boolean(), (anybody, limits, posture, tired) => {
      const today = tired ? { armElevationMax: 60 * DEG, support: 'chair-back' as const } : {}
      const body = resolveBody({ ...anybody, limits: { ...limits, ...today } })
      const { measures, keeps } = postureOf(posture)
      const stance = layOut(measures.therapeutic, body, 'left', posture, keeps)
      const before = tryAnalyse(body, stance)
      fc.pre(before !== null && before.verdict !== 'holds')
      const taught = { posture, side: 'left' as const, keeps }
      const { costs } = weighBody(body, measures.therapeutic, taught, true)
      const found = findVariants(body, stance).variants.some(({ kind }) => kind === 'nearest' || kind === 'help')
      if (costs.some(Number.isFinite)) expect(found).toBe(true)
    }),
    { numRuns: 12 },
  )
}, 120_000)
