import fc from 'fast-check'
import { expect, it } from 'vitest'
import { readFigure } from './read-figure'

it('reads a figure with a comma or a point, and nothing that is none', () => {
  for (const [typed, figure] of [
    ['61,2', 61.2],
    [' 61.2 ', 61.2],
    ['-3', -3],
    ['−3', -3],
    ['5.', 5],
    ['.5', 0.5],
    ['0', 0],
  ] as const) {
    expect(readFigure(typed), typed).toBe(figure)
  }
  for (const none of ['', ' ', '1.234,5', '12 3', '3 cm', 'old', '1e3', '0x10', 'Infinity', '--2']) {
    expect(readFigure(none), none).toBeNaN()
  }
  fc.assert(
    fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (value) => {
      const written = value.toFixed(3)
      expect(readFigure(written.replace('.', ','))).toBe(Number(written))
    }),
  )
})
