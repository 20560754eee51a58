import fc from 'fast-check'
import { expect, it } from 'vitest'
import { anyPerson } from '@/testing/arbitrary'
import { analyse } from '../analysis'
import { type Body, resolveBody } from '../body/body'
import { DEG, SIDES } from '../conventions'
import { InputError } from '../errors'
import { buildPosture } from '../postures/posture'
import { POSTURE_IDS, postureOf } from '../postures/postures'
import { SCHOOL_IDS } from '../postures/schools'
import { calcPelvisToFrontFoot } from '../stance/footing'
import { calcLead, calcTrack } from '../stance/layout'
import { mirrorStance } from '../stance/mirror'
import type { Stance } from '../stance/stance'
import { anyLimits } from './any-limits.test-helper'
import { findGivenUp } from './meaning'
import { readOwnStanding } from './teachable'
import type { Variant } from './variant'
import { findVariants } from './variants'
import { keyOf, knowFindings } from './weigh'

const QUICK = { standing: null, withoutFreeTurn: true }

/** What no teacher would give: toes turned in, an upright frame leaned, the posture given up without a word. */
function expectTeachable(body: Body, from: Stance, variant: Variant): void {
  const { stance, givesUp } = variant
  for (const side of SIDES) {
    const [was, is] = [from.feet[side].toeOut, stance.feet[side].toeOut]
    expect(is).toBeGreaterThanOrEqual(Math.min(was, 0) - 1e-9)
  }
  if (from.frame === 'upright') {
    expect(stance.trunk.pitch).toBeLessThanOrEqual(Math.max(0, from.trunk.pitch) + 1e-9)
    expect(stance.trunk.pitch).toBeGreaterThanOrEqual(Math.min(0, from.trunk.pitch) - 1e-9)
  }
  expect(givesUp).toEqual(findGivenUp(body, from, stance))
  if (variant.falls === 'narrower') return
  // Never narrower, never less steady to the side, never a knee that carries brought straight, hips with the front foot.
  expect(calcTrack(stance)).toBeGreaterThanOrEqual(Math.min(calcTrack(from), body.shoulderWidth) - 0.0011)
  const [was, is] = [analyse(body, from, QUICK), analyse(body, stance, QUICK)]
  const standing = readOwnStanding(body)?.sideways ?? Number.POSITIVE_INFINITY
  expect(is.sideways).toBeGreaterThanOrEqual(Math.min(was.sideways, standing) - 0.0021)
  for (const side of SIDES) {
    if (is.legs[side].share < 0.2) continue
    const least = Math.min(10 * DEG, was.legs[side].flexion, body.sides[side].kneeFlexionMax)
    expect(is.legs[side].flexion).toBeGreaterThanOrEqual(least - 1e-6)
  }
  if (Math.abs(calcLead(from)) <= body.footLength / 2) return
  expect(Math.abs(calcPelvisToFrontFoot(stance))).toBeLessThanOrEqual(
    Math.abs(calcPelvisToFrontFoot(from)) + 10 * DEG + 1e-6,
  )
}

const anyPosture = fc.tuple(fc.constantFrom(...POSTURE_IDS), fc.constantFrom(...SCHOOL_IDS))

it('whatever is offered keeps every limit and the reserve, or says that it stays close; it is never beyond', () => {
  fc.assert(
    fc.property(anyPerson, anyLimits, anyPosture, (anybody, limits, [posture, school]) => {
      // Older, smaller and weaker people as well as others.
      const body = resolveBody({ ...anybody, limits })
      const stance = buildPosture(postureOf(posture), body, school, 'left')
      let found: ReturnType<typeof findVariants>
      try {
        found = findVariants(body, stance)
      } catch (error) {
        if (!(error instanceof InputError)) throw error
        return fc.pre(false)
      }
      const before = analyse(body, stance, QUICK)
      const known = knowFindings(before.findings)
      for (const variant of found.variants) {
        const after = analyse(body, variant.stance, QUICK)
        const from = variant.kind === 'other-side' ? mirrorStance(stance) : stance
        if (variant.kind !== 'seated') expectTeachable(body, from, variant)
        // What holds shows nothing, of any severity, that the original did not show.
        if (after.verdict === 'holds') {
          const there = knowFindings(analyse(body, from, QUICK).findings)
          expect(
            after.findings
              .filter((finding) => !known.has(keyOf(finding)) && !there.has(keyOf(finding)))
              .map(({ code }) => code),
          ).toEqual([])
        }
        expect(after.verdict, variant.kind).not.toBe('beyond')
        if (!['fallback', 'seated'].includes(variant.kind)) expect(after.verdict, variant.kind).toBe('holds')
        if (after.verdict === 'close') expect(variant.falls).toBeDefined()
        expect(variant.changes.length).toBeGreaterThan(0)
      }
    }),
    { numRuns: 20, endOnFailure: true },
  )
}, 120_000)
