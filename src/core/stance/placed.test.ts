import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPerson, anyStance } from '@/testing/arbitrary'
import { type Analysis, analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { SIDES } from '../conventions'
import { InputError } from '../errors'
import { fromRoom, sayFrom, toRoom } from './placed'
import type { Placement, Stance } from './stance'

const place = fc.double({ min: -8, max: 8, noNaN: true })
const anyPlacement: fc.Arbitrary<Placement> = fc.record({
  x: place,
  y: place,
  heading: fc.double({ min: -2 * Math.PI, max: 2 * Math.PI, noNaN: true }),
})

function analysed(person: Parameters<typeof resolveBody>[0], stance: Stance): Analysis {
  try {
    return analyse(resolveBody(person), stance, { withoutFreeTurn: true })
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return fc.pre(false) as never
  }
}

/** What is read off a stance, for comparing: everything but the stance itself. */
function readings({ pose: { joints, centre, centreOfMass, pelvisDrop }, ...rest }: Analysis) {
  return { joints, centre, centreOfMass, pelvisDrop, ...rest }
}

/** Of two edges that are equally near either may be named. */
const TIES = new Set(['nearestDirection', 'edge'])

/** Where two readings differ by more than dust: paths of keys; a centre just on an edge is left out before. */
function listDifferent(a: unknown, b: unknown, path = ''): string[] {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) < 1e-6 * Math.max(1, Math.abs(a)) ? [] : [path]
  if (typeof a !== 'object' || a === null || b === null) return a === b ? [] : [path]
  const keys = new Set([...Object.keys(a), ...Object.keys(b as object)])
  return [...keys].flatMap((key) =>
    TIES.has(key) ? [] : listDifferent((a as never)[key], (b as never)[key], `${path}.${key}`),
  )
}

/** Standing, on one leg, seated and with a hand on something. */
const anyPlaced: fc.Arbitrary<Stance> = fc
  .tuple(anyStance, fc.constantFrom('plain', 'hand', 'wall'))
  .map(([stance, kind]) => {
    if (kind === 'plain') return stance
    const at = [0.4, 0.2, 0.95] as const
    const hand = 'right' as const
    if (kind === 'hand') return { ...stance, supports: [{ kind: 'bar' as const, hand, at, maxLoad: 0.1 }] }
    return { ...stance, supports: [{ kind: 'wall' as const, hand, at, maxLoad: 0.02, toward: Math.PI / 2 }] }
  })

describe('a stance that stands somewhere', () => {
  it('is told apart from the room: there and back is the same point', () => {
    fc.assert(
      fc.property(anyPlacement, place, place, (at, x, y) => {
        const [bx, by] = fromRoom(at, toRoom(at, [x, y]))
        expect(Math.hypot(bx - x, by - y)).toBeLessThan(1e-9)
      }),
    )
    // Facing left (90°), two metres ahead is two metres to the left of where one stands.
    const [x, y] = toRoom({ x: 1, y: 1, heading: Math.PI / 2 }, [0, 2])
    expect(x).toBeCloseTo(-1, 9)
    expect(y).toBeCloseTo(1, 9)
  })

  it('reads alike wherever it stands and however it is turned, findings included', () => {
    fc.assert(
      fc.property(anyPerson, anyPlaced, anyPlacement, anyPlacement, (person, stance, one, other) => {
        const placed = analysed(person, { ...stance, at: one })
        // Laid out in the room by one and read off the room by another that turned it there.
        const moved = sayFrom({ ...stance, at: one }, other)
        const back = analysed(person, sayFrom(moved, one))
        fc.pre(Math.abs(placed.margins.usable.nearest) > 1e-5)
        expect(listDifferent(readings(placed), readings(back))).toEqual([])
        expect(readings(analysed(person, { ...stance, at: other }))).toEqual(readings(placed))
      }),
    )
  })

  it('said from another heading is the same body in the room, with the same margins and joints', () => {
    fc.assert(
      fc.property(anyPerson, anyPlaced, anyPlacement, anyPlacement, (person, stance, from, to) => {
        const one = analysed(person, { ...stance, at: from })
        const other = analysed(person, sayFrom({ ...stance, at: from }, to))
        for (const name of ['pelvis', 'leftKnee', 'rightKnee', 'rightToe', 'leftKnuckle', 'vertex'] as const) {
          const [ax, ay] = toRoom(from, [one.pose.joints[name][0], one.pose.joints[name][1]])
          const [bx, by] = toRoom(to, [other.pose.joints[name][0], other.pose.joints[name][1]])
          expect(Math.hypot(ax - bx, ay - by)).toBeLessThan(1e-6)
          expect(other.pose.joints[name][2]).toBeCloseTo(one.pose.joints[name][2], 6)
        }
        expect(other.margins.usable.nearest).toBeCloseTo(one.margins.usable.nearest, 6)
        expect(other.assured.margin).toBeCloseTo(one.assured.margin, 5)
        for (const side of SIDES) expect(other.legs[side].drift).toBeCloseTo(one.legs[side].drift, 6)
      }),
    )
  })
})
