import { expect, it } from 'vitest'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import type { Arm } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const standing = makeStandingStance(body)
const withArms = (arm: Partial<Arm>) => {
  const own = { elevation: 0, opening: 0, elbow: 0, elbowInward: 0, ...arm }
  return analyse(body, { ...standing, arms: { left: own, right: own } }).alignment.handReach.left
}

it('a straight arm comes no further; a forearm that stands up has its upper arm’s length less to go', () => {
  expect(withArms({ elevation: 90 * DEG }).forward).toBeCloseTo(0, 6)
  expect(withArms({}).down).toBeCloseTo(0, 6)
  // Upper arm level ahead, forearm and hand straight up: on a circle about the shoulder, at the height of the hand.
  const [upper, lower] = [body.upperArm.left, body.forearm.left + body.hand.left]
  const { forward, down } = withArms({ elevation: 90 * DEG, elbow: 90 * DEG })
  expect(forward).toBeCloseTo(Math.sqrt((upper + lower) ** 2 - lower ** 2) - upper, 6)
  expect(down).toBeCloseTo(Math.sqrt((upper + lower) ** 2 - upper ** 2) + lower, 6)
})

it('a lean back is what the pelvis tips, and what the low back does besides', () => {
  const bend = (pelvisTilt: number, pitch: number) =>
    analyse(body, { ...standing, pelvisTilt, trunk: { ...standing.trunk, pitch } }).alignment.bend
  expect(bend(0, -8 * DEG)).toEqual({ hips: 0, back: -8 * DEG })
  const both = bend(-3 * DEG, -8 * DEG)
  expect([both.hips / DEG, both.back / DEG].map((one) => Math.round(one))).toEqual([-3, -5])
})
