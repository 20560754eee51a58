import { describe, expect, it } from 'vitest'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG, type Vec2 } from '../conventions'
import { makeStandingStance } from '../stance/standing'
import { readPhoto } from './photo'
import { type Camera, pointAt, renderBody } from './render.test-helper'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 71 })
const standing = makeStandingStance(body)
/** Arms ahead, so that they hide no hip; heels under the hips, so that each leg faces the camera. */
const arm = { ...standing.arms.left, elevation: 60 * DEG }

function stanceOf(flexion: number, pitch: number) {
  const { rightHip, leftHip } = analyse(body, standing).pose.joints
  const half = (rightHip[0] - leftHip[0]) / 2
  return {
    ...standing,
    feet: {
      left: { ...standing.feet.left, heel: [-half, 0] as Vec2, toeOut: 0 },
      right: { ...standing.feet.right, heel: [half, 0] as Vec2, toeOut: 0 },
    },
    height: { kneeFlexion: flexion },
    trunk: { pitch, roll: 0, yaw: 0 },
    arms: { left: arm, right: arm },
  }
}

/** From both sides, near and far, above and below the hips, turned, tipped down, and held askew. */
const CAMERAS: Camera[] = [
  { side: 'right', away: 3, height: 1, turned: 0, down: 0, askew: 0 },
  { side: 'left', away: 3, height: 1, turned: 0, down: 0, askew: 0 },
  { side: 'right', away: 2.6, height: 1.3, turned: 5 * DEG, down: 2 * DEG, askew: 3 * DEG },
  { side: 'left', away: 4, height: 0.6, turned: -5 * DEG, down: -3 * DEG, askew: -4 * DEG },
  { side: 'right', away: 3.2, height: 1.1, turned: 3 * DEG, down: 0, askew: 8 * DEG },
  { side: 'left', away: 2.5, height: 0.9, turned: 0, down: 0, askew: -8 * DEG },
]
const POSES = [
  [12, 0],
  [30, 5],
  [50, 15],
] as const

describe('a picture that is rendered in perspective and pointed at', () => {
  it.each(CAMERAS)('gives the angles of the body within 3°: camera %#, from the $side', (camera) => {
    const { side } = camera
    for (const [bent, leant] of POSES) {
      const { pose, legs } = analyse(body, stanceOf(bent * DEG, leant * DEG))
      const picture = renderBody(pose, camera)
      const at = (name: Parameters<typeof pointAt>[1]): Vec2 => {
        const found = pointAt(picture, name)
        if (!found) throw new Error(`nothing is seen of ${name}`)
        return found
      }
      const points = {
        heel: at('heel'),
        toe: at('toe'),
        ankle: at('ankle'),
        knee: at('knee'),
        hip: at('hip'),
        shoulder: at('shoulder'),
      }
      const read = readPhoto(points, {
        view: 'side',
        facing: side,
        legLength: body.shank[side] + body.thigh[side],
        plumb: [at('plumbTop'), at('plumbFoot')],
      })
      const joints = pose.joints
      const tilt = (from: 'Ankle' | 'Hip', to: 'Knee' | 'Shoulder') => {
        const [a, b] = [joints[`${side}${from}`], joints[`${side}${to}`]]
        return Math.atan2(b[1] - a[1], b[2] - a[2])
      }
      const off = (value: number | undefined, truth: number) => Math.abs((value ?? 9) - truth) / DEG
      expect(off(read.kneeFlexion?.value, legs[side].flexion)).toBeLessThan(3)
      expect(off(read.shankTilt?.value, tilt('Ankle', 'Knee'))).toBeLessThan(3)
      expect(off(read.trunkPitch?.value, tilt('Hip', 'Shoulder'))).toBeLessThan(3)
      // What it says that it is known to is no less than what it is off by.
      expect(off(read.kneeFlexion?.value, legs[side].flexion)).toBeLessThan(3 * ((read.kneeFlexion?.sd ?? 0) / DEG))
    }
  })

  it('an arm that hangs before the hip hides it: the rest is still read, the trunk is not made up', () => {
    const hanging = { ...stanceOf(30 * DEG, 0), arms: standing.arms }
    const { pose, legs } = analyse(body, hanging)
    const picture = renderBody(pose, CAMERAS[0] as Camera)
    const [ankle, knee] = [pointAt(picture, 'ankle'), pointAt(picture, 'knee')]
    if (!ankle || !knee) throw new Error('the leg is not seen')
    const read = readPhoto(
      { ankle, knee },
      { view: 'side', facing: 'right', legLength: 0.8, known: { from: ankle, to: knee, length: body.shank.right } },
    )
    expect(read.trunkPitch).toBeUndefined()
    expect(read.kneeFlexion).toBeUndefined()
    expect(Math.abs((read.shankTilt?.value ?? 9) / DEG)).toBeLessThan(legs.right.flexion / DEG)
  })
})
