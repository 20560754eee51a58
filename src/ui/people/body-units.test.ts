import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseHeight, parseMass, sayHeight, sayMass } from './body-units'

describe('heights and masses', () => {
  it('are read as they are typed', () => {
    for (const typed of ["5'4", '5’4”', '5 ft 4 in', '5 4', '5 feet 4', '5\' 4.0"']) {
      expect(parseHeight(typed, 'imperial'), typed).toBeCloseTo(64 * 0.0254, 9)
    }
    expect(parseHeight("6'", 'imperial')).toBeCloseTo(72 * 0.0254, 9)
    expect(parseHeight('162,5', 'metric')).toBeCloseTo(1.625, 9)
    expect(parseMass('150', 'imperial')).toBeCloseTo(68.04, 2)
    for (const none of ['tall', '5', "5'4'3", '']) expect(parseHeight(none, 'imperial'), none).toBeNaN()
    expect(parseHeight('tall', 'metric')).toBeNaN()
  })

  it('are read back as they were said, to half of the last figure', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 2.3, noNaN: true }), (metres) => {
        expect(Math.abs(parseHeight(sayHeight(metres, 'imperial'), 'imperial') - metres)).toBeLessThanOrEqual(0.01271)
        const metric = sayHeight(metres, 'metric').replace(' cm', '')
        expect(Math.abs(parseHeight(metric, 'metric') - metres)).toBeLessThanOrEqual(0.00501)
      }),
    )
    fc.assert(
      fc.property(fc.double({ min: 25, max: 250, noNaN: true }), (kg) => {
        expect(Math.abs(parseMass(sayMass(kg, 'imperial').replace(' lb', ''), 'imperial') - kg)).toBeLessThan(0.23)
      }),
    )
  })

  it('carry twelve inches into the next foot', () => {
    expect(sayHeight(71.6 * 0.0254, 'imperial')).toBe('6 ft 0 in')
  })
})
