import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPerson, anyStance } from '@/testing/arbitrary'
import { type Analysis, analyse } from './analysis'
import { calcUsableBase } from './balance/base'
import { calcPossibleSplit } from './balance/split'
import { resolveBody } from './body/body'
import type { Person } from './body/person'
import { otherSide, SIDES, type Side, type Vec2 } from './conventions'
import { InputError } from './errors'
import { calcOverlap } from './geometry/polygon'
import { type BearingPart, layOnFloor } from './stance/foot'
import { setFooting } from './stance/footing'
import type { Stance } from './stance/stance'

const QUICK = { withoutFreeTurn: true, standing: null }

/** The analysis of a stance that can be taken; others are left out of a property. */
function analysed(person: Person, stance: Stance): Analysis {
  try {
    return analyse(resolveBody(person), stance, QUICK)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return fc.pre(false) as never
  }
}

const swapSides = <T>({ left, right }: { left: T; right: T }) => ({ left: right, right: left })

function mirror(stance: Stance): Stance {
  const foot = (side: Side) => {
    const { heel, ...rest } = stance.feet[otherSide(side)]
    return { ...rest, heel: [-heel[0], heel[1]] as Vec2 }
  }
  const { height } = stance
  return {
    ...stance,
    feet: { left: foot('left'), right: foot('right') },
    loadLeft: 1 - stance.loadLeft,
    height: 'kneeFlexion' in height && height.leg ? { ...height, leg: otherSide(height.leg) } : height,
    pelvisYaw: -stance.pelvisYaw,
    trunk: { pitch: stance.trunk.pitch, roll: -stance.trunk.roll, yaw: -stance.trunk.yaw },
    arms: swapSides(stance.arms),
  }
}

function turnAndMove(stance: Stance, turn: number, dx: number, dy: number): Stance {
  const cos = Math.cos(turn)
  const sin = Math.sin(turn)
  const foot = (side: Side) => {
    const set = stance.feet[side]
    const [x, y] = set.heel
    // A turn to the left is toe-out for the left foot and toe-in for the right.
    const toeOut = set.toeOut + (side === 'left' ? turn : -turn)
    return { ...set, toeOut, heel: [cos * x - sin * y + dx, sin * x + cos * y + dy] as Vec2 }
  }
  return { ...stance, feet: { left: foot('left'), right: foot('right') }, pelvisYaw: stance.pelvisYaw + turn }
}

const NEAR = 6

describe('what must hold of every stance that can be taken', () => {
  it('mirrors every reading when left and right are mirrored', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const one = analysed(person, stance)
        const other = analysed(person, mirror(stance))
        expect(other.margins.usable.left).toBeCloseTo(one.margins.usable.right, NEAR)
        expect(other.margins.full.forward).toBeCloseTo(one.margins.full.forward, NEAR)
        expect(other.assured.margin).toBeCloseTo(one.assured.margin, NEAR)
        expect(other.verdict).toBe(one.verdict)
        for (const side of SIDES) {
          const [a, b] = [one.legs[side], other.legs[otherSide(side)]]
          expect(b.flexion).toBeCloseTo(a.flexion, NEAR)
          expect(b.drift).toBeCloseTo(a.drift, NEAR)
          expect(b.offLine).toBeCloseTo(a.offLine, NEAR)
          expect(b.momentFrontal).toBeCloseTo(a.momentFrontal as number, 3)
          expect(b.hip.rotation).toBeCloseTo(a.hip.rotation, NEAR)
          expect(b.dorsiflexion).toBeCloseTo(a.dorsiflexion, NEAR)
        }
      }),
    )
  })

  it('changes no margin and no joint when the whole stance is turned and moved', () => {
    const turn = fc.double({ min: -0.7, max: 0.7, noNaN: true })
    const shift = fc.double({ min: -3, max: 3, noNaN: true })
    fc.assert(
      fc.property(anyPerson, anyStance, turn, shift, shift, (person, stance, angle, dx, dy) => {
        const one = analysed(person, { ...stance, height: { kneeFlexion: 0.4, leg: 'left' } })
        const moved = turnAndMove({ ...stance, height: { kneeFlexion: 0.4, leg: 'left' } }, angle, dx, dy)
        const other = analysed(person, moved)
        expect(other.margins.usable.nearest).toBeCloseTo(one.margins.usable.nearest, NEAR)
        expect(other.margins.full.nearest).toBeCloseTo(one.margins.full.nearest, NEAR)
        expect(other.pose.centreOfMass[2]).toBeCloseTo(one.pose.centreOfMass[2], NEAR)
        for (const side of SIDES) {
          expect(other.legs[side].flexion).toBeCloseTo(one.legs[side].flexion, NEAR)
          expect(other.legs[side].hip.rotation).toBeCloseTo(one.legs[side].hip.rotation, NEAR)
        }
      }),
    )
  })

  it('scales every length when body and feet are scaled together', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, fc.double({ min: 0.8, max: 1.1, noNaN: true }), (person, stance, k) => {
        const small = { ...stance, height: { kneeFlexion: 0.5, leg: 'right' as const } }
        const foot = (side: Side) => {
          const set = small.feet[side]
          return { ...set, clearance: set.clearance * k, heel: [set.heel[0] * k, set.heel[1] * k] as Vec2 }
        }
        const one = analysed(person, small)
        const scaled = { ...person, stature: person.stature * k, trunkShift: (person.trunkShift ?? 0) * k }
        const other = analysed(scaled, { ...small, feet: { left: foot('left'), right: foot('right') } })
        expect(other.margins.full.nearest).toBeCloseTo(k * one.margins.full.nearest, NEAR)
        expect(other.margins.usable.back).toBeCloseTo(k * one.margins.usable.back, NEAR)
        expect(other.pose.centreOfMass[2]).toBeCloseTo(k * one.pose.centreOfMass[2], NEAR)
        expect(other.legs.left.pastToes).toBeCloseTo(k * one.legs.left.pastToes, NEAR)
        expect(other.legs.left.hip.flexion).toBeCloseTo(one.legs.left.hip.flexion, NEAR)
      }),
    )
  })

  it('has a usable margin no larger than the full one, and no smaller with more of the foot usable', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const given = { ...person, usableAlong: 0.45, usableAcross: 0.45 }
        const one = analysed(given, stance)
        const { usable, full } = one.margins
        for (const way of ['nearest', 'forward', 'back', 'left', 'right'] as const) {
          expect(usable[way]).toBeLessThanOrEqual(full[way] + 1e-9)
        }
        // The preferred pressure point may be usable only with more of the foot: then the centre moves too.
        const more = analysed({ ...given, usableAlong: 0.6, usableAcross: 0.6 }, stance)
        fc.pre(Math.hypot(more.pose.centre[0] - one.pose.centre[0], more.pose.centre[1] - one.pose.centre[1]) < 1e-9)
        expect(more.margins.usable.nearest).toBeGreaterThanOrEqual(usable.nearest - 1e-9)
      }),
    )
  })

  it('never loses margin by a hand or a wall', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, fc.boolean(), (person, stance, wall) => {
        const one = analysed(person, stance)
        const { leftShoulder } = one.pose.joints
        const at = [leftShoulder[0] - 0.15, leftShoulder[1] + 0.2, leftShoulder[2] - 0.3] as const
        const kind = wall ? ('wall' as const) : ('chair-back' as const)
        const support = { kind, hand: 'left' as const, at, maxLoad: 0.05, toward: 1 }
        const held = calcUsableBase(setFooting(resolveBody(person), { ...stance, supports: [support] }))
        const ring = held.map((c): Vec2 => [c.x, c.y])
        const without = one.usable.map((c): Vec2 => [c.x, c.y])
        const area = calcOverlap(without, without)
        expect(calcOverlap(without, ring)).toBeCloseTo(area, 7)
      }),
    )
  })

  it('holds the nominal split within the possible one, which a step-by-step search agrees with', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const { pose, possibleSplit } = analysed(person, stance)
        expect(possibleSplit).not.toBeNull()
        const [low, high] = possibleSplit as readonly [number, number]
        expect(stance.loadLeft).toBeGreaterThanOrEqual(low - 1e-6)
        expect(stance.loadLeft).toBeLessThanOrEqual(high + 1e-6)
        for (const share of [low - 0.01, low + 1e-4, high - 1e-4, high + 0.01]) {
          if (share < 0 || share > 1 || high - low < 1e-3) continue
          expect(canHold(pose, share), `share ${share} of ${low} to ${high}`).toBe(share >= low && share <= high)
        }
      }),
    )
  })

  it('takes pushes in proportion to body mass, margins unchanged', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const one = analysed(person, stance)
        const heavier = analysed({ ...person, mass: person.mass * 1.5 }, stance)
        expect(heavier.margins.usable.nearest).toBeCloseTo(one.margins.usable.nearest, 9)
        expect(heavier.pushes.hip.back).toBeCloseTo(1.5 * one.pushes.hip.back, 6)
        expect(heavier.pushes.sudden.left).toBeCloseTo(1.5 * one.pushes.sudden.left, 6)
      }),
    )
  })
})

/** The centre minus a share of the right part must be the rest of the left part: by walking through the right part. */
function canHold(pose: Analysis['pose'], share: number): boolean {
  const [left, right] = SIDES.map((side) => layOnFloor(pose.feet[side], (pose.feet[side].part as BearingPart).ring))
  const sum: Vec2[] = []
  for (const p of left as Vec2[]) {
    for (const q of right as Vec2[]) sum.push([share * p[0] + (1 - share) * q[0], share * p[1] + (1 - share) * q[1]])
  }
  // In the hull of the sums if no direction separates it: half a degree at a time.
  for (let i = 0; i < 720; i++) {
    const [nx, ny] = [Math.cos((i * Math.PI) / 360), Math.sin((i * Math.PI) / 360)]
    const most = Math.max(...sum.map(([x, y]) => nx * x + ny * y))
    if (nx * pose.centre[0] + ny * pose.centre[1] > most) return false
  }
  return true
}

it('answers every share of a foot in the air with all or nothing', () => {
  const body = resolveBody({ stature: 1.7, mass: 70, sex: 'unspecified' })
  fc.assert(
    fc.property(anyStance, fc.constantFrom<Side[]>('left', 'right'), (stance, held) => {
      const feet = { ...stance.feet, [held]: { ...stance.feet[held], contact: 'air' as const } }
      const loadLeft = held === 'left' ? 0 : 1
      const split = calcPossibleSplit(setFooting(body, { ...stance, feet, loadLeft }))
      expect(split).toEqual([loadLeft, loadLeft])
    }),
  )
})
