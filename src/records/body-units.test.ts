import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type BodyUnits, readBody, readHeight, readMass, sayHeight, sayMass } from './body-units'

describe('heights and masses', () => {
  it('are read as people write them, in either kind of house', () => {
    for (const units of ['metric', 'imperial'] as const) {
      for (const typed of ["5'4", '5’4”', `5'4"`, '5 ft 4 in', '5ft4', '5 feet 4', '5\' 4.0"', '64 in', '64"']) {
        expect(readHeight(typed, units), typed).toEqual({ value: expect.closeTo(64 * 0.0254, 9), units: 'imperial' })
      }
      for (const typed of ['1,62', '1.62', '1,62 m', '162 cm', '162', '162cm']) {
        expect(readHeight(typed, units), typed).toEqual({ value: expect.closeTo(1.62, 9), units: 'metric' })
      }
      for (const none of ['tall', "5'4'3", '', '5 4 3', '-5'])
        expect(readHeight(none, units).value, none).not.toBeGreaterThan(1)
      expect(readMass('61,2', units)).toEqual({ value: 61.2, units: 'metric' })
      expect(readMass('61.2 kg', units)).toEqual({ value: 61.2, units: 'metric' })
      expect(readMass('135 lbs', units).value).toBeCloseTo(61.235, 3)
      expect(readMass('9 st 9', units).value).toBeCloseTo(61.235, 3)
      expect(readMass('heavy', units).value).toBeNaN()
    }
    expect(readHeight('5 4', 'imperial').value).toBeCloseTo(64 * 0.0254, 9)
    expect(readHeight('5 4', 'metric').value).toBeNaN()
    expect(readHeight('64', 'imperial').value).toBeNaN()
  })

  it('of one row belong together: a bare mass goes by the height, or by what its heading says', () => {
    const read = (height: string, mass: string, units: BodyUnits, heading?: BodyUnits) =>
      readBody({ height, mass }, units, heading).massKg
    expect(read('162', '61', 'imperial')).toBe(61)
    expect(read("5'4", '135', 'metric')).toBeCloseTo(61.235, 3)
    expect(read("5'4", '61', 'metric', 'metric')).toBe(61)
    expect(read("5'4", '61,2', 'imperial')).toBe(61.2)
  })

  it('are read back as they were said, to half of the last figure', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2.3, noNaN: true }),
        fc.constantFrom<BodyUnits>('metric', 'imperial'),
        (metres, units) => {
          const half = units === 'metric' ? 0.00501 : 0.01271
          expect(Math.abs(readHeight(sayHeight(metres, units), units).value - metres)).toBeLessThanOrEqual(half)
        },
      ),
    )
    fc.assert(
      fc.property(
        fc.double({ min: 25, max: 250, noNaN: true }),
        fc.constantFrom<BodyUnits>('metric', 'imperial'),
        (kg, units) => {
          expect(Math.abs(readMass(sayMass(kg, units), units).value - kg)).toBeLessThan(0.51)
        },
      ),
    )
  })

  it('carry twelve inches into the next foot', () => {
    expect(sayHeight(71.6 * 0.0254, 'imperial')).toBe('6 ft 0 in')
  })
})
