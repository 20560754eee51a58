import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { Margins } from '@/core'
import { SmallVial } from './SmallVial'

const MIDDLE = 42
const inside = (left: number, right: number, back: number, forward: number): Margins => {
  const ways = { 0: forward, [Math.PI / 2]: left, [Math.PI]: back, [-Math.PI / 2]: right }
  const [direction, nearest] = Object.entries(ways).sort((a, b) => a[1] - b[1])[0] as [string, number]
  return { nearest, nearestDirection: Number(direction), left, right, back, forward }
}
const outside = (toward: number): Margins => ({
  nearest: -0.02,
  nearestDirection: toward,
  left: 0,
  right: 0,
  back: 0,
  forward: 0,
})
const draw = (margins: Margins) => renderToStaticMarkup(createElement(SmallVial, { margins, reserve: 0.015 }))
const bubble = (margins: Margins) => Number(/<ellipse cx="([\d.-]+)"/.exec(draw(margins))?.[1])

describe('the small vial', () => {
  it('lies across where a side is nearest: left is left', () => {
    expect(bubble(inside(0.03, 0.09, 0.1, 0.1))).toBeLessThan(MIDDLE)
    expect(bubble(inside(0.09, 0.03, 0.1, 0.1))).toBeGreaterThan(MIDDLE)
    expect(bubble(inside(0.05, 0.05, 0.1, 0.1))).toBeCloseTo(MIDDLE, 6)
  })

  it('lies lengthwise where an edge ahead or behind is nearest: ahead is to the right', () => {
    expect(bubble(inside(0.1, 0.1, 0.03, 0.08))).toBeLessThan(MIDDLE)
    expect(bubble(inside(0.1, 0.1, 0.08, 0.03))).toBeGreaterThan(MIDDLE)
  })

  it('has lost its bubble at the end toward which they are past the edge, and marks no usable part', () => {
    const half = Math.PI / 2
    // The nearest edge lies back the way they came.
    expect(bubble(outside(half))).toBeGreaterThan(MIDDLE)
    expect(bubble(outside(-half))).toBeLessThan(MIDDLE)
    expect(bubble(outside(Math.PI))).toBeGreaterThan(MIDDLE)
    expect(bubble(outside(0))).toBeLessThan(MIDDLE)
    expect(draw(outside(0))).not.toContain('var(--tide-wash)"></path>')
  })
})
