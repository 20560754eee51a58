import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { DEG, type Vec2 } from '../conventions'
import { calcArea } from '../geometry/polygon'
import { BEARING_PARTS, FOOT_OUTLINE, layOnFloor, placeFoot } from './foot'
import type { Contact } from './stance'
import { USUAL_LIFT } from './stance'

const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', footLength: 0.25, footBreadth: 0.1 })
const set = (contact: Contact, toeOut = 0, heel: Vec2 = [0, 0]) => ({
  heel,
  toeOut: toeOut * DEG,
  contact,
  pressureAt: 0.45,
  clearance: 0.1,
  lift: USUAL_LIFT[contact],
})

describe('a foot on the floor', () => {
  it('points its toes away from the other foot by its toe-out', () => {
    // 30° out: the left foot's toes go to the left, the right's to the right.
    expect(placeFoot(body, 'left', set('whole', 30)).ux).toBeCloseTo(-0.5, 12)
    expect(placeFoot(body, 'right', set('whole', 30)).ux).toBeCloseTo(0.5, 12)
  })

  it('lies counter-clockwise from above, left and right', () => {
    for (const side of ['left', 'right'] as const) {
      expect(calcArea(layOnFloor(placeFoot(body, side, set('whole', 20)), FOOT_OUTLINE))).toBeGreaterThan(0)
    }
  })

  it('has its little toe outside: the widest point is nearer the outer side on the right foot at the ball', () => {
    const ring = layOnFloor(placeFoot(body, 'right', set('whole')), FOOT_OUTLINE)
    // (0.65, +0.50) is outer: x = +0.05 at y = 0.1625; (0.73, -0.50) inner: x = -0.05 at y = 0.1825.
    expect(ring.some(([x, y]) => Math.abs(x - 0.05) < 1e-12 && Math.abs(y - 0.1625) < 1e-12)).toBe(true)
    expect(ring.some(([x, y]) => Math.abs(x + 0.05) < 1e-12 && Math.abs(y - 0.1825) < 1e-12)).toBe(true)
  })

  it('lifts its heel about the ball: heel and ankle rise, the toes stay', () => {
    const foot = placeFoot(body, 'right', set('ball'))
    const ball = 0.72 * 0.25
    expect(foot.heelZ).toBeCloseTo(ball * Math.sin(20 * DEG), 12)
    expect(foot.heelU).toBeCloseTo(ball * (1 - Math.cos(20 * DEG)), 12)
    expect([foot.toeU, foot.toeZ]).toEqual([0.25, 0])
    const arm = 0.47 * 0.25
    const ankle = body.ankleHeight.right
    expect(foot.ankleZ).toBeCloseTo(arm * Math.sin(20 * DEG) + ankle * Math.cos(20 * DEG), 12)
    expect(foot.ankleY).toBeCloseTo(ball - arm * Math.cos(20 * DEG) + ankle * Math.sin(20 * DEG), 12)
  })

  it('lifts its toes about the heel', () => {
    const foot = placeFoot(body, 'left', set('heel'))
    expect(foot.toeZ).toBeCloseTo(0.25 * Math.sin(15 * DEG), 12)
    expect([foot.heelU, foot.heelZ]).toEqual([0, 0])
    expect(foot.lift).toBeCloseTo(-15 * DEG, 12)
  })

  it('bears by a clipped outline, not by dropped corners', () => {
    // At u = 0.62 and u = 0.25 the outline has no corner: the cut makes two.
    expect(BEARING_PARTS.ball.ring.filter(([u]) => Math.abs(u - 0.62) < 1e-12)).toHaveLength(2)
    expect(BEARING_PARTS.heel.ring.filter(([u]) => Math.abs(u - 0.25) < 1e-12)).toHaveLength(2)
    expect(Math.min(...BEARING_PARTS['toe-touch'].ring.map(([u]) => u))).toBeCloseTo(0.82, 12)
    const whole = calcArea(FOOT_OUTLINE)
    const [front] = [calcArea(BEARING_PARTS.ball.ring)]
    expect(front).toBeGreaterThan(0.3 * whole)
    expect(front).toBeLessThan(0.45 * whole)
  })

  it('presses on its midline where asked, or at the nearest usable place of it', () => {
    expect(placeFoot(body, 'right', set('whole')).py).toBeCloseTo(0.45 * 0.25, 12)
    // The usable part's front end on the midline: the outline's tip is at u = 1, scaled about its centroid.
    const edge = placeFoot(body, 'right', { ...set('whole'), pressureAt: 0.99 })
    const [cu, cv] = BEARING_PARTS.whole.centroid
    // The midline of the scaled part is v = cv - cv / across of the whole outline, whose tip runs from (1, -0.20) to (0.88, 0.38).
    const tip = 1 - (0.12 / 0.58) * (cv - cv / body.usableAcross + 0.2)
    expect(edge.py).toBeCloseTo((cu + (tip - cu) * body.usableAlong) * 0.25, 12)
    expect(edge.px).toBe(0)
    // It moves no further however much further is asked, and follows what is asked inside.
    expect(placeFoot(body, 'right', { ...set('whole'), pressureAt: 1 }).py).toBe(edge.py)
    expect(placeFoot(body, 'right', { ...set('whole'), pressureAt: 0.6 }).py).toBeCloseTo(0.15, 12)
  })

  it('is lifted as far as is said, and in the air its lowest part is at its clearance', () => {
    const sin = (degrees: number) => Math.sin(degrees * DEG)
    expect(placeFoot(body, 'left', { ...set('ball'), lift: 40 * DEG }).heelZ).toBeCloseTo(0.72 * 0.25 * sin(40), 12)
    expect(placeFoot(body, 'left', { ...set('heel'), lift: 0 }).toeZ).toBe(0)
    const up = placeFoot(body, 'left', { ...set('air'), lift: -30 * DEG })
    expect([up.heelZ, up.toeZ]).toEqual([0.1, 0.1 + 0.25 * sin(30)])
    const hanging = placeFoot(body, 'left', { ...set('air'), lift: 30 * DEG })
    expect([hanging.toeZ, hanging.heelZ]).toEqual([0.1, 0.1 + 0.72 * 0.25 * sin(30)])
  })
})
