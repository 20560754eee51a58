import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { setFooting } from '../stance/footing'
import { makeStandingStance } from '../stance/standing'
import { calcLift } from './lift'

const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 40 })
const standing = makeStandingStance(body)

describe('lifting the light foot', () => {
  it('asks for a shift while both feet carry, and for none at the share it names', () => {
    const lift = calcLift(setFooting(body, { ...standing, loadLeft: 0.4 }))
    expect(lift).toMatchObject({ light: 'left', now: false })
    const after = calcLift(setFooting(body, { ...standing, loadLeft: 1 - (lift?.share as number) - 1e-6 }))
    expect(after?.now).toBe(true)
    // The heels are a shoulder width apart, and the centre goes with the share.
    expect(lift?.shift).toBeCloseTo(body.shoulderWidth * ((lift?.share as number) - 0.6), 6)
  })

  it('is held against half as much again with closed eyes', () => {
    const shiftOf = (eyes: 'open' | 'closed', more: object = {}) => {
      const { swayReserveOneFoot, house } = body
      expect(house.eyesClosedReserveFactor).toBe(1.5)
      const who = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 40, swayReserveOneFoot, ...more })
      return calcLift(setFooting(who, { ...standing, eyes, loadLeft: 0.4 }))?.shift as number
    }
    const more = { swayReserveOneFoot: 1.5 * body.swayReserveOneFoot }
    expect(shiftOf('closed')).toBeGreaterThan(shiftOf('open') + 1e-4)
    expect(shiftOf('closed')).toBeCloseTo(shiftOf('open', more), 9)
  })

  it('is out of reach where the usable part is narrower than the reserve asks', () => {
    const narrow = resolveBody({ stature: 1.7, mass: 70, sex: 'male', swayReserveOneFoot: 0.06 })
    expect(calcLift(setFooting(narrow, { ...standing, loadLeft: 0.4 }))).toMatchObject({ now: false, shift: null })
  })
})
