import { describe, expect, it } from 'vitest'
import { analyse, buildPosture, postureOf, resolveBody, type Vec3 } from '@/core'
import { readAxis } from '@/draw/bubble'
import { drawBetween, drawInRoom } from './moving'
import { drawBody } from './parts'
import { FROM_ABOVE, FROM_FRONT, FROM_RIGHT, see, viewFrom } from './view'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const bow = buildPosture(postureOf('bow'), body, 'long-upright', 'left')
const at = (x: number, y: number, heading: number) => analyse(body, { ...bow, at: { x, y, heading } })
const apart = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])

describe('a body that moves', () => {
  it('is drawn where it stands in the room: turned about its place, every joint as far from every other as before', () => {
    const still = at(0, 0, 0)
    const turned = drawInRoom(at(2, 1, Math.PI / 2), [2, 1])
    const [x, y, z] = still.pose.joints.leftKnee
    expect(apart(turned.pose.joints.leftKnee, [-y, x, z])).toBeLessThan(1e-9)
    expect(turned.pose.stance.pelvisYaw - still.pose.stance.pelvisYaw).toBeCloseTo(Math.PI / 2, 9)
    const spread = (joints: typeof still.pose.joints) => apart(joints.leftToe, joints.rightKnuckle)
    expect(spread(turned.pose.joints)).toBeCloseTo(spread(still.pose.joints), 9)
  })

  it('lies between two instants as far as it has come, and is one of them at the ends', () => {
    const [a, b] = [drawInRoom(at(0, 0, 0), [0, 0]), drawInRoom(at(0.4, 0.2, 0), [0, 0])]
    expect(drawBetween(a, b, 0)).toBe(a)
    const between = drawBetween(a, b, 0.25).pose.joints.vertex
    const [ax, ay] = a.pose.joints.vertex
    expect(between[0]).toBeCloseTo(ax + 0.1, 9)
    expect(between[1]).toBeCloseTo(ay + 0.05, 9)
  })

  it('is in a mirror what it is from the front with left and right changed; from above ahead is up', () => {
    const point: Vec3 = [0.3, 0.2, 1]
    const [x, y] = see(viewFrom(FROM_FRONT), point)
    expect(see(viewFrom(FROM_FRONT, true), point)).toEqual([-x, y])
    const [right, up] = see(FROM_ABOVE, point)
    expect(right).toBeCloseTo(0.3, 12)
    expect(up).toBeCloseTo(0.2, 12)
    const keys = (view: Parameters<typeof drawBody>[1]) => drawBody(at(0, 0, 0).pose, view).map(({ key }) => key)
    expect(keys(viewFrom(FROM_RIGHT)).sort()).toEqual(keys(FROM_ABOVE).sort())
    expect(keys(FROM_ABOVE).at(-1)).toBe('head')
  })
})

describe('a vial along an axis', () => {
  const margins = { nearest: 0.03, nearestDirection: Math.PI / 2, left: 0.03, right: 0.09, back: 0.1, forward: 0.1 }

  it('has its bubble nearer to the nearer edge', () => {
    expect(readAxis(margins, 'across', 100, 200)).toEqual({
      toLow: 0.03,
      toHigh: 0.09,
      bubbleAt: expect.closeTo(44),
      beyond: false,
    })
    expect(readAxis(margins, 'along', 100, 200).bubbleAt).toBe(50)
  })

  it('has it off the glass along the axis that is left, to the side that is left', () => {
    const out = { ...margins, nearest: -0.01, left: 0, right: 0, back: 0, forward: 0 }
    expect(readAxis(out, 'across', 100, 200)).toMatchObject({ beyond: true, bubbleAt: 88 })
    expect(readAxis({ ...out, nearestDirection: -Math.PI / 2 }, 'across', 100, 200).bubbleAt).toBe(12)
    expect(readAxis(out, 'along', 100, 200).bubbleAt).toBe(50)
  })
})
