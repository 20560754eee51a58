import { describe, expect, it } from 'vitest'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG, SIDES } from '../conventions'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { SCHOOL_IDS, type SchoolId } from '../postures/schools'
import type { Stance } from '../stance/stance'
import { calcFreeTurn } from './free-turn'

const body = resolveBody({ stature: 1.68, mass: 70, sex: 'unspecified', age: 64 })
const stanceOf = (posture: string, school: SchoolId, side: 'left' | 'right' = 'left') =>
  buildPosture(postureOf(posture), body, school, side)
const turned = (stance: Stance, by: number): Stance => ({ ...stance, pelvisYaw: stance.pelvisYaw + by })
/** As an analysis reads it: knees that drift less than 5° with hips inside their range. */
const isFree = (stance: Stance): boolean => {
  const { legs } = analyse(body, stance, { standing: null, withoutFreeTurn: true })
  return SIDES.every(
    (side) =>
      stance.feet[side].contact === 'air' || (Math.abs(legs[side].drift) < 5 * DEG && !legs[side].rangeExceeded),
  )
}
const POSTURES = ['parallel', 'bow', 'horse', 'half-facing', 'empty-ball'] as const

describe('how far the waist turns', () => {
  it.each(SCHOOL_IDS)('in the %s: free to there, and a degree on a knee gives way or a hip ends', (school) => {
    for (const posture of POSTURES) {
      const stance = stanceOf(posture, school)
      const { left, right } = calcFreeTurn(body, stance)
      for (const [sign, free] of [
        [1, left],
        [-1, right],
      ] as const) {
        if (free === 0) {
          expect(isFree(turned(stance, sign * DEG)), `${posture} ${sign}`).toBe(false)
          continue
        }
        for (const part of [0.25, 0.6, 0.98]) expect(isFree(turned(stance, sign * free * part))).toBe(true)
        if (free < 89 * DEG) expect(isFree(turned(stance, sign * (free + DEG))), `${posture} ${sign}`).toBe(false)
      }
    }
  })

  it('mirrored is as far the other way, where one leg is the fuller: its knee says how high one stands', () => {
    for (const posture of ['bow', 'half-facing', 'empty-ball'] as const) {
      const [left, right] = (['left', 'right'] as const).map((side) =>
        calcFreeTurn(body, stanceOf(posture, 'therapeutic', side)),
      )
      expect(left?.left).toBeCloseTo(right?.right ?? Number.NaN, 2)
      expect(left?.right).toBeCloseTo(right?.left ?? Number.NaN, 2)
    }
  })

  it('an order on a hip leaves less of it, never more', () => {
    const ordered = resolveBody({
      stature: 1.68,
      mass: 70,
      sex: 'unspecified',
      age: 64,
      limits: {
        left: { hipInwardMax: 5 * DEG, hipOutwardMax: 10 * DEG, hipInwardOrdered: true, hipOutwardOrdered: true },
      },
    })
    for (const posture of POSTURES) {
      const stance = stanceOf(posture, 'therapeutic')
      const [free, held] = [calcFreeTurn(body, stance), calcFreeTurn(ordered, stance)]
      expect(held.left).toBeLessThanOrEqual(free.left + 0.2 * DEG)
      expect(held.right).toBeLessThanOrEqual(free.right + 0.2 * DEG)
    }
    const [free, held] = [body, ordered].map((who) => calcFreeTurn(who, stanceOf('parallel', 'therapeutic')))
    expect((held?.left ?? 9) + (held?.right ?? 9)).toBeLessThan((free?.left ?? 0) + (free?.right ?? 0) - DEG)
  })
})
