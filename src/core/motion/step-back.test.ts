import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPerson } from '@/testing/arbitrary'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { calcLongestStep, calcNeededBend, STEP_WAYS } from './step-back'

const body = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 60 })
const from = { standing: 'left' as const, kneeFlexion: 30 * DEG, toeOut: 0, track: body.hipSeparation }

describe('the longest step that can be taken back', () => {
  it('is by hand what the leg leaves: straight above the foot, the other leg at 5°', () => {
    // Aside, the hips over the standing foot but for half their separation: thigh and shank 0.404 and 0.406 m.
    const [a, b] = [body.thigh.left, body.shank.left]
    const leg = (flexion: number) => Math.sqrt(a * a + b * b + 2 * a * b * Math.cos(flexion))
    const height = Math.sqrt(leg(30 * DEG) ** 2 - (body.hipSeparation / 2) ** 2)
    const aside = Math.sqrt(leg(5 * DEG) ** 2 - height ** 2)
    // The trunk leans out a little for the leg that is out there, which brings the hips back: within 4 cm.
    const step = calcLongestStep(body, from, 'side')
    expect(step).toBeGreaterThan(aside - 0.04)
    expect(step).toBeLessThan(aside + body.hipSeparation + 0.04)
  })

  it('grows with the bend of the standing knee, and is the same on both legs', () => {
    fc.assert(
      fc.property(
        anyPerson,
        fc.constantFrom(...STEP_WAYS),
        fc.integer({ min: 10, max: 40 }),
        (person, way, degrees) => {
          const who = resolveBody(person)
          const at = (bend: number, standing: 'left' | 'right') =>
            calcLongestStep(who, { standing, kneeFlexion: bend * DEG, toeOut: 10 * DEG, track: who.hipSeparation }, way)
          expect(at(degrees, 'left')).toBeCloseTo(at(degrees, 'right'), 2)
          // As long as the standing ankle can follow.
          if (at(degrees + 5, 'left') > 0)
            expect(at(degrees + 5, 'left')).toBeGreaterThanOrEqual(at(degrees, 'left') - 2e-3)
        },
      ),
      { numRuns: 25 },
    )
  })

  it('is no longer than the ankles let it be: that of the leg that stands, and that of the foot that lands whole', () => {
    const limited = (side: 'left' | 'right', degrees: number) =>
      resolveBody({ ...body.person, limits: { [side]: { dorsiflexionMax: degrees * DEG } } })
    const [ahead, aside] = (['ahead', 'side'] as const).map((way) => calcLongestStep(body, from, way)) as [
      number,
      number,
    ]
    expect(calcLongestStep(limited('left', 12), from, 'ahead')).toBeLessThan(ahead - 0.02)
    expect(calcLongestStep(limited('right', 0), from, 'side')).toBeLessThan(aside - 0.02)
    expect(calcLongestStep(limited('right', 0), from, 'ahead')).toBe(ahead)
  })

  it('says the bend that a longer step would need, and that there is none for one that is too long', () => {
    const reach = calcLongestStep(body, from, 'ahead')
    const needed = calcNeededBend(body, from, 'ahead', reach + 0.05)
    expect(needed).toBeGreaterThan(30 * DEG)
    expect(calcLongestStep(body, { ...from, kneeFlexion: needed as number }, 'ahead')).toBeGreaterThanOrEqual(
      reach + 0.05,
    )
    expect(calcNeededBend(body, from, 'ahead', 1.1)).toBeNull()
  })
})
