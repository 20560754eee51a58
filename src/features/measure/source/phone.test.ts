import { expect, it } from 'vitest'
import { tiltOfPhone } from './phone'

const degrees = (beta: number, gamma: number) => {
  const { pitch, roll } = tiltOfPhone(beta, gamma)
  return [(pitch * 180) / Math.PI, (roll * 180) / Math.PI]
}

it('against the breastbone, its screen ahead: upright is nothing, past upright leans to the front', () => {
  expect(degrees(90, 0)).toEqual([expect.closeTo(0, 9), expect.closeTo(0, 9)])
  expect(degrees(102, 0)).toEqual([expect.closeTo(12, 9), expect.closeTo(0, 9)])
  expect(degrees(80, 0)[0]).toBeCloseTo(-10, 9)
  // Rolled in its own plane: its long edge 10° off the upright, toward the body's right where that is the screen's left.
  expect(degrees(80, -90)).toEqual([expect.closeTo(0, 6), expect.closeTo(10, 6)])
  expect(degrees(80, 90)[1]).toBeCloseTo(-10, 6)
})

it('on the floor, its upper edge ahead: downhill to the front and to the right', () => {
  expect(degrees(-4, 2)).toEqual([expect.closeTo(4, 9), expect.closeTo(2, 9)])
})
