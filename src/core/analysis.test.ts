import { describe, expect, it } from 'vitest'
import { analyse, calcStandingMargin } from './analysis'
import { readBalance } from './balance/balance'
import { findEdgeCause } from './balance/cause'
import { makeOwnStanding } from './balance/share'
import { resolveBody } from './body/body'
import { calcSegmentTable, SEGMENT_KINDS } from './body/segments'
import { DEG, type Vec2 } from './conventions'
import { setFooting } from './stance/footing'
import { makeSeated } from './stance/seated'
import type { Stance } from './stance/stance'
import { makeStandingStance } from './stance/standing'

const PERSON = { stature: 2, mass: 100, sex: 'unspecified' as const, usableAlong: 0.5, usableAcross: 0.5 }
const BODY = resolveBody(PERSON)
const STANDING = makeStandingStance(BODY)

describe('a body', () => {
  it.each([
    ['female', 0.551],
    ['male', 0.57],
  ] as const)('%s has its centre at its published height, standing straight with the arms down', (sex, height) => {
    const body = resolveBody({ stature: 1, mass: 60, sex })
    const straight = { ...makeStandingStance(body), height: { kneeFlexion: 0, leg: 'left' as const } }
    // Knees at 5° at the most: the other leg's straightest lowers the hips by less than a millimetre of 1 m.
    const { pose } = analyse(body, straight, { standing: null, withoutFreeTurn: true })
    expect(Math.abs(pose.centreOfMass[2] - height)).toBeLessThan(0.005)
  })

  it.each(['female', 'male', 'unspecified'] as const)('%s has segments that sum to the whole', (sex) => {
    const table = calcSegmentTable(sex)
    const single = new Set(['head', 'trunk'])
    const total = SEGMENT_KINDS.reduce((sum, kind) => sum + table[kind].mass * (single.has(kind) ? 1 : 2), 0)
    expect(total).toBeCloseTo(1, 12)
  })
})

describe('standing parallel, worked by hand', () => {
  // Stature 2 m: foot 0.304 x 0.11 m, shoulder width 0.45 m, so the heels are at x = ±0.225, toes straight ahead.
  // Pressure at 0.45 of 0.304 m: the centre is at (0, 0.1368).
  const { margins, pose, pushes, possibleSplit, legs } = analyse(BODY, STANDING)

  it('puts the centre between the pressure points', () => {
    expect(pose.centre[0]).toBeCloseTo(0, 7)
    expect(pose.centre[1]).toBeCloseTo(0.45 * 0.304, 7)
  })

  it('measures the full base to heel and toes', () => {
    // The foremost point of each foot is the inner toe corner at u = 1: forward margin 0.304 - 0.1368.
    expect(margins.full.forward).toBeCloseTo(0.304 * 0.55, 7)
    expect(margins.full.back).toBeCloseTo(0.304 * 0.45, 7)
    // The outer edge runs from (0.06, 0.31) to (0.65, 0.50): at u = 0.45, v = 0.31 + 0.19 · 0.39 / 0.59 breadths.
    const outer = 0.225 + 0.11 * (0.31 + (0.19 * 0.39) / 0.59)
    expect(margins.full.left).toBeCloseTo(outer, 7)
    expect(margins.full.right).toBeCloseTo(outer, 7)
  })

  it('takes the push that tips it: F = m·g·d/h', () => {
    expect(pushes.hip.forward).toBeCloseTo((100 * 9.80665 * 0.304 * 0.55) / pose.pelvis[2], 4)
    expect(pushes.sudden.left).toBeCloseTo(100 * margins.usable.left * Math.sqrt(9.80665 / pose.centreOfMass[2]), 6)
  })

  it('can hold any split whose points lie under the centre', () => {
    // Feet side by side: all the centre's x can come from is w·x_L + (1-w)·x_R = 0 with x within each foot at u = 0.45.
    const outer = 0.225 + 0.11 * (0.31 + (0.19 * 0.39) / 0.59)
    // Inner edge from (0.06, -0.31) to (0.73, -0.50): at u = 0.45.
    const inner = 0.225 - 0.11 * (0.31 + (0.19 * 0.39) / 0.67)
    const most = outer / (outer + inner)
    const [low, high] = possibleSplit as readonly [number, number]
    // Other points of the feet reach a little further than u = 0.45 does.
    expect(high).toBeGreaterThanOrEqual(most - 1e-9)
    expect(high).toBeLessThan(most + 0.02)
    expect(low).toBeCloseTo(1 - high, 9)
  })

  it('loads each knee by half the weight times its distance ahead of the pressure', () => {
    const kneeU = pose.joints.leftKnee[1]
    expect(legs.left.moment).toBeCloseTo(50 * 9.80665 * (kneeU - 0.1368), 6)
  })

  it('is as steady as their own standing', () => {
    expect(analyse(BODY, STANDING).ofStanding).toBeCloseTo(1, 6)
  })
})

describe('what holds a person besides the feet', () => {
  const oneLeg: Stance = {
    ...STANDING,
    feet: { ...STANDING.feet, left: { ...STANDING.feet.left, contact: 'air', clearance: 0.1 } },
    loadLeft: 0,
  }
  const options = { standing: null, withoutFreeTurn: true }

  it('is a hand by what it may carry: the base reaches a tenth of the way to a chair back that takes 10 %', () => {
    const at = [-0.25, 0.3, 1.1] as const
    const held = { ...oneLeg, supports: [{ kind: 'chair-back' as const, hand: 'left' as const, at, maxLoad: 0.1 }] }
    const alone = analyse(BODY, oneLeg, options)
    const { usable } = analyse(BODY, held, options)
    const leftmost = Math.min(...alone.usable.map((c) => c.x))
    expect(Math.min(...usable.map((c) => c.x))).toBeCloseTo(0.9 * leftmost + 0.1 * -0.25, 9)
  })

  it('is a wall against its push: f·z, the height of the hand, against the direction', () => {
    const at = [-0.4, 0.2, 1.3] as const
    // A wall on the left pushes to the right: 270° counter-clockwise from forward.
    const wall = { kind: 'wall' as const, hand: 'left' as const, at, maxLoad: 0.02, toward: 270 * DEG }
    const alone = analyse(BODY, oneLeg, options)
    const held = analyse(BODY, { ...oneLeg, supports: [wall] }, options)
    const least = (corners: readonly { x: number }[]) => Math.min(...corners.map((c) => c.x))
    expect(least(held.usable)).toBeCloseTo(least(alone.usable) - 0.02 * 1.3, 9)
    expect(held.margins.usable.right).toBeCloseTo(alone.margins.usable.right, 6)
  })

  it('is a seat: pelvis over it, its square in the base, no weight in the knees', () => {
    const seated = analyse(BODY, makeSeated(BODY))
    expect(seated.pose.pelvis[2]).toBeCloseTo((seated.pose.stance.seat?.height ?? 0) + 0.05 * 2, 9)
    // The square's rear edge is 0.2 H / 2 behind the seat's middle, and C follows from the body.
    expect(Math.min(...seated.full.map((c) => c.y))).toBeCloseTo(-0.2, 9)
    expect(seated.legs.left.moment).toBeNull()
    expect(seated.possibleSplit).toBeNull()
    expect(seated.verdict).toBe('holds')
    expect(seated.assured.parts.body).toBeGreaterThan(0)
  })

  it.each([
    ['wheelchair', undefined, 0.5],
    ['wheelchair', 0.46, 0.46],
    ['armrests', 0.55, 0.55],
  ] as const)('is what somebody sits on: %s, %s', (sitsOn, seatHeight, height) => {
    const body = resolveBody({ sex: 'female', stature: 1.56, mass: 58, sitsOn, ...(seatHeight && { seatHeight }) })
    const { pose, verdict } = analyse(body, makeSeated(body))
    expect(pose.stance.seat).toEqual({ height, at: [0, 0], kind: sitsOn })
    expect(pose.pelvis[2]).toBeCloseTo(height + 0.05 * 1.56, 9)
    expect(verdict).toBe('holds')
  })

  it('is nothing from the slope: the centre falls downhill and the body leans uphill to keep it', () => {
    const slope = { slope: 5 * DEG, downhill: 90 * DEG }
    const level = analyse(BODY, STANDING, options)
    const tilted = analyse(BODY, { ...STANDING, floor: slope }, options)
    expect(tilted.pose.centre[0]).toBeCloseTo(level.pose.centre[0], 7)
    // Downhill is to the left: the body is to the right of where it was by z·tan 5°.
    expect(tilted.pose.centreOfMass[0]).toBeCloseTo(tilted.pose.centreOfMass[2] * Math.tan(5 * DEG), 6)
  })
})

describe('limits on load', () => {
  it('narrow the base on two feet, and not on one', () => {
    const limited = resolveBody({ ...PERSON, limits: { loadMax: { left: 0.3, right: 1 } } })
    const usable = analyse(limited, { ...STANDING, loadLeft: 0.2 }, { standing: null }).usable
    const least = Math.min(...usable.map((c) => c.x))
    const free = Math.min(...analyse(BODY, { ...STANDING, loadLeft: 0.2 }, { standing: null }).usable.map((c) => c.x))
    // The furthest left: 30 % of the left foot's outermost point and 70 % of the right's innermost.
    expect(least).toBeGreaterThan(free + 0.2)
  })

  it('leave the foot beside a light one free: under 5 % is as good as lifted', () => {
    const limited = resolveBody({ ...PERSON, limits: { loadMax: { left: 1, right: 0.6 } } })
    const reach = (body: typeof BODY, loadLeft: number) =>
      Math.max(...analyse(body, { ...STANDING, loadLeft }, { standing: null }).usable.map((c) => c.x))
    expect(reach(limited, 0.04)).toBeCloseTo(reach(BODY, 0.04), 9)
    expect(reach(limited, 0.05)).toBeLessThan(reach(BODY, 0.05) - 0.05)
  })

  it('end the base by what they are: an order toward its leg, the feet elsewhere', () => {
    const limited = resolveBody({ ...PERSON, limits: { loadMax: { left: 0.5, right: 1 } } })
    const footing = setFooting(limited, { ...STANDING, loadLeft: 0.3 })
    expect(findEdgeCause(footing, -1, 0)).toEqual({ kind: 'order', side: 'left' })
    expect(findEdgeCause(footing, 1, 0)).toEqual({ kind: 'outline' })
    expect(findEdgeCause(setFooting(BODY, STANDING), -1, 0)).toEqual({ kind: 'outline' })
    const chair = { kind: 'chair-back' as const, hand: 'right' as const, at: [0.6, 0.2, 0.9] as const, maxLoad: 0.1 }
    expect(findEdgeCause(setFooting(BODY, { ...STANDING, supports: [chair] }), 1, 0)).toEqual({
      kind: 'hand',
      hand: 'right',
    })
    const tipped = analyse(limited, STANDING, { standing: null, withoutFreeTurn: true })
    const reserve = tipped.findings.find(({ code }) => code === 'balance.reserve')
    expect(reserve).toMatchObject({ severity: 'hard', cause: { kind: 'order', side: 'left' } })
    expect(reserve?.says).toMatchObject({ aspect: 'order', leg: 'left', measured: 'felt', give: { value: 0.05 } })
    expect(reserve?.says?.ordered).toEqual({ value: 0.5, unit: 'share' })
  })

  it('are kept by own standing, even where that can be, else the nearest share that keeps the reserve', () => {
    const shareOf = (loadMax: { left: number; right: number }) =>
      makeOwnStanding(resolveBody({ ...PERSON, limits: { loadMax } })).loadLeft
    expect(shareOf({ left: 1, right: 1 })).toBe(0.5)
    expect(shareOf({ left: 0.9, right: 1 })).toBe(0.5)
    const half = resolveBody({ ...PERSON, limits: { loadMax: { left: 0.5, right: 1 } } })
    const left = shareOf({ left: 0.5, right: 1 })
    const keeps = (loadLeft: number) => {
      const { assured, reserve } = readBalance(setFooting(half, { ...STANDING, loadLeft }))
      return assured.margin >= reserve
    }
    expect([keeps(left), keeps(left + 0.01)]).toEqual([true, false])
    expect(shareOf({ left: 1, right: 0.5 })).toBeCloseTo(1 - left, 9)
    expect(calcStandingMargin(resolveBody({ ...PERSON, limits: { loadMax: { left: 0, right: 1 } } }))).toBeGreaterThan(
      0,
    )
    expect(calcStandingMargin(resolveBody({ ...PERSON, limits: { loadMax: { left: 0.4, right: 0.4 } } }))).toBeNull()
  })
})

describe('the free turn of the pelvis', () => {
  it('ends sooner for a hip that turns less, and left mirrors right', () => {
    const wide: Stance = { ...STANDING, height: { pelvisDrop: 0.1 } }
    const stiff = resolveBody({ ...PERSON, limits: { hipInwardMax: 15 * DEG, hipOutwardMax: 20 * DEG } })
    const free = analyse(BODY, wide).freeTurn as { left: number; right: number }
    const held = analyse(stiff, wide).freeTurn as { left: number; right: number }
    expect(free.left).toBeCloseTo(free.right, 2)
    expect(held.left).toBeLessThan(free.left - 10 * DEG)
    expect(held.left).toBeGreaterThan(0)
  })
})

describe('the knee', () => {
  it('yields to the hip: what the hip cannot turn out, the knee falls in by', () => {
    const feet = {
      left: { ...STANDING.feet.left, heel: [-0.3, 0] as Vec2, toeOut: 25 * DEG },
      right: { ...STANDING.feet.right, heel: [0.3, 0] as Vec2, toeOut: 25 * DEG },
    }
    const horse: Stance = { ...STANDING, feet, height: { kneeFlexion: 45 * DEG, leg: 'left' } }
    const free = analyse(BODY, horse, { standing: null, withoutFreeTurn: true }).legs.left
    const stiff = resolveBody({ ...PERSON, limits: { hipOutwardMax: free.hip.rotation - 20 * DEG } })
    const held = analyse(stiff, horse, { standing: null, withoutFreeTurn: true }).legs.left
    expect(free.drift).toBeLessThan(0.1 * DEG)
    expect(held.hip.rotation).toBeCloseTo(free.hip.rotation - 20 * DEG, 6)
    expect(held.drift).toBeGreaterThan(10 * DEG)
    expect(held.offLine).toBeGreaterThan(0.03)
  })

  it('goes only as deep as the ankle of a flat foot allows', () => {
    const stiff = resolveBody({ ...PERSON, limits: { dorsiflexionMax: 20 * DEG } })
    const deep = { ...STANDING, height: { kneeFlexion: 80 * DEG, leg: 'left' as const } }
    const { legs, findings } = analyse(stiff, deep, { standing: null, withoutFreeTurn: true })
    expect(legs.left.dorsiflexion).toBeCloseTo(20 * DEG, 6)
    expect(legs.left.flexion).toBeLessThan(80 * DEG)
    expect(findings.find((f) => f.code === 'ankle.limit')?.severity).toBe('caution')
  })
})
