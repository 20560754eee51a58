import { describe, expect, it } from 'vitest'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG, type Vec2, type Vec3 } from '../conventions'
import { InputError } from '../errors'
import { makeStandingStance } from '../stance/standing'
import { PHOTO_SD, type PhotoPoints, type PhotoSetting, readPhoto } from './photo'
import { readPhotoCentre } from './photo-centre'

const body = resolveBody({ stature: 1.7, mass: 70, sex: 'female', age: 70 })
const standing = makeStandingStance(body)
/** Heels under the hips, so that each leg lies in a plane that faces the camera: a splayed leg looks straighter than it is. */
const under = (side: 'left' | 'right') => {
  const { rightHip, leftHip } = analyse(body, standing).pose.joints
  const half = (rightHip[0] - leftHip[0]) / 2
  return { ...standing.feet[side], heel: [side === 'left' ? -half : half, 0] as Vec2 }
}
const feet = { left: under('left'), right: under('right') }
const stanceOf = (flexion: number, pitch: number) => ({
  ...standing,
  feet,
  height: { kneeFlexion: flexion },
  trunk: { pitch, roll: 0, yaw: 0 },
})

/** A camera to the right of somebody who faces ahead: how far, how high, turned about the upright, and held askew. */
type Camera = { away: number; height: number; turned: number; askew: number }
const FOCAL = 3000

/** Where a point of the floor frame comes to lie on its picture: seen from their right side they face the right of it. */
function take([x, y, z]: Vec3, { away, height, turned, askew }: Camera): Vec2 {
  // The camera stands to their right and looks at them: what is ahead of them lies to its right.
  const [dx, dy] = [away - x, y]
  const depth = dx * Math.cos(turned) + dy * Math.sin(turned)
  const across = dy * Math.cos(turned) - dx * Math.sin(turned)
  const [u, v] = [(FOCAL * across) / depth, (-FOCAL * (z - height)) / depth]
  return [2000 + u * Math.cos(askew) - v * Math.sin(askew), 1500 + u * Math.sin(askew) + v * Math.cos(askew)]
}

function picture(flexion: number, pitch: number, camera: Camera) {
  const { pose, legs } = analyse(body, stanceOf(flexion, pitch))
  const { rightAnkle: ankle, rightKnee: knee, rightHip: hip, rightShoulder: shoulder } = pose.joints
  const right = { ankle, knee, hip }
  const shot = (at: Vec3) => take(at, camera)
  const points: PhotoPoints = {
    ankle: shot(right.ankle),
    knee: shot(right.knee),
    hip: shot(right.hip),
    shoulder: shot(shoulder),
    heel: shot(pose.joints.rightHeel),
    toe: shot([right.ankle[0], pose.feet.right.hy + body.footLength, 0]),
  }
  const hanging: [Vec2, Vec2] = [shot([right.hip[0], 0.3, 1.9]), shot([right.hip[0], 0.3, 0.1])]
  const setting: PhotoSetting = {
    view: 'side',
    facing: 'right',
    legLength: body.shank.right + body.thigh.right,
    plumb: hanging,
  }
  const shankTilt = Math.atan2(right.knee[1] - right.ankle[1], right.knee[2] - right.ankle[2])
  const trunkTilt = Math.atan2(shoulder[1] - right.hip[1], shoulder[2] - right.hip[2])
  return { points, setting, pose, flexion: legs.right.flexion, shankTilt, trunkTilt, right, shoulder }
}

/** Near and far, above and below the hips, turned by more than a camera is taken to be, held askew. */
const CAMERAS: Camera[] = [
  { away: 3, height: 1, turned: 0, askew: 0 },
  { away: 2.5, height: 1.4, turned: 5 * DEG, askew: 3 * DEG },
  { away: 4, height: 0.6, turned: -5 * DEG, askew: -4 * DEG },
  { away: 3, height: 1.1, turned: 0, askew: 8 * DEG },
]

describe('a picture of the model’s own body', () => {
  it.each(CAMERAS)('gives its angles within 3° from $away m, turned $turned, askew $askew', (camera) => {
    for (const [flexion, pitch] of [
      [15, 0],
      [35, 5],
      [55, 15],
    ] as const) {
      const shot = picture(flexion * DEG, pitch * DEG, camera)
      const { kneeFlexion, shankTilt, trunkPitch, shoulderOverHip } = readPhoto(shot.points, shot.setting)
      expect(Math.abs((kneeFlexion?.value ?? 9) - shot.flexion)).toBeLessThan(3 * DEG)
      expect(Math.abs((shankTilt?.value ?? 9) - shot.shankTilt)).toBeLessThan(3 * DEG)
      expect(Math.abs((trunkPitch?.value ?? 9) - shot.trunkTilt)).toBeLessThan(3 * DEG)
      expect(Math.abs((shoulderOverHip?.value ?? 9) - (shot.shoulder[1] - shot.right.hip[1]))).toBeLessThan(0.03)
    }
  })

  it('is the same facing the other way, with the picture mirrored, and with the plumb line drawn upward', () => {
    const { points, setting } = picture(35 * DEG, 5 * DEG, CAMERAS[1] as Camera)
    const flip = ([x, y]: Vec2): Vec2 => [-x, y]
    const mirrored = Object.fromEntries(Object.entries(points).map(([name, at]) => [name, flip(at)]))
    const [top, foot] = setting.plumb as [Vec2, Vec2]
    const there = readPhoto(points, setting)
    const back = readPhoto(mirrored, { ...setting, facing: 'left', plumb: [flip(foot), flip(top)] })
    for (const name of ['kneeFlexion', 'trunkPitch', 'shankTilt', 'kneePastToes'] as const)
      expect(back[name]?.value).toBeCloseTo(there[name]?.value ?? 9, 9)
  })
})

describe('the centre of a body on a picture', () => {
  it.each(CAMERAS)('is where the model has it, within what it is known to, from $away m, turned $turned', (camera) => {
    for (const [flexion, pitch] of [
      [15, 0],
      [35, 5],
      [55, 15],
    ] as const) {
      const { points, setting, pose } = picture(flexion * DEG, pitch * DEG, camera)
      const read = readPhotoCentre(points, setting, body, stanceOf(flexion * DEG, pitch * DEG))
      const off = (read?.pastHeel.value ?? 9) - (pose.centre[1] - pose.feet.right.hy)
      expect(Math.abs(off)).toBeLessThan(2 * (read?.pastHeel.sd ?? 0))
      // Held straight, it is as good as exact: what is left are the sides of the picture that are not at one distance.
      if (camera.turned === 0 && camera.askew === 0) expect(Math.abs(off)).toBeLessThan(0.01)
      const { forward, back } = analyse(body, stanceOf(flexion * DEG, pitch * DEG)).margins.usable
      expect((read?.ahead.value ?? 9) + off).toBeCloseTo(forward, 6)
      expect((read?.behind.value ?? 9) - off).toBeCloseTo(back, 6)
    }
  })

  it('moves with the hip by the part of the body that hangs on it, and not where the camera looks from the front', () => {
    const { points, setting } = picture(35 * DEG, 5 * DEG, CAMERAS[0] as Camera)
    const stance = stanceOf(35 * DEG, 5 * DEG)
    const there = readPhotoCentre(points, setting, body, stance)
    // 3 cm back with all that is above, and with the hips' part of the thighs; shanks follow a little.
    const step = 0.03 / readPhoto(points, setting).metresInPixel
    const back = (at: Vec2 | undefined): Vec2 => [(at as Vec2)[0] - step, (at as Vec2)[1]]
    const moved = { ...points, hip: back(points.hip), shoulder: back(points.shoulder) }
    const shift = (there?.pastHeel.value ?? 0) - (readPhotoCentre(moved, setting, body, stance)?.pastHeel.value ?? 0)
    const { head, trunk, upperArm, forearm, hand, thigh } = body.segments
    const above = head.mass + trunk.mass + 2 * (upperArm.mass + forearm.mass + hand.mass)
    expect(shift).toBeGreaterThan((above + 2 * thigh.mass * (1 - thigh.centre)) * 0.03)
    expect(shift).toBeLessThan(0.03)
    // So far back that it is past the rear edge: as far as the whole span is more than what is left in front.
    const far = (at: Vec2 | undefined): Vec2 => [(at as Vec2)[0] - 5 * step, (at as Vec2)[1]]
    const fallen = { ...points, hip: far(points.hip), shoulder: far(points.shoulder) }
    const past = readPhotoCentre(fallen, setting, body, stance)
    expect(past?.behind.value).toBeLessThan(0)
    const spanOf = (read: typeof past) => (read?.ahead.value ?? 0) + (read?.behind.value ?? 0)
    expect(spanOf(past)).toBeCloseTo(spanOf(there), 2)
    expect(readPhotoCentre(points, { ...setting, view: 'front' }, body, stance)).toBeNull()
    expect(readPhotoCentre({ ...points, heel: undefined }, setting, body, stance)).toBeNull()
  })

  it('is less sure than the camera alone would make it', () => {
    const { points, setting, right } = picture(35 * DEG, 5 * DEG, CAMERAS[0] as Camera)
    const read = readPhotoCentre(points, setting, body, stanceOf(35 * DEG, 5 * DEG))
    // Two degrees at the height of the hips, for what hangs on them, and points on top of it.
    expect(read?.pastHeel.sd).toBeGreaterThan(0.8 * right.hip[2] * Math.sin(PHOTO_SD.camera))
    expect(read?.ahead.sd).toBeGreaterThan(read?.pastHeel.sd as number)
  })
})

describe('how sure', () => {
  const upright: PhotoPoints = { ankle: [0, 0], knee: [0, -400], hip: [0, -800], shoulder: [0, -1300] }
  const setting: PhotoSetting = { view: 'side', facing: 'right', legLength: 0.8 }

  it('by hand: 15 mm at both ends of half a metre, and two degrees of the camera', () => {
    const { trunkPitch, metresInPixel } = readPhoto(upright, setting)
    expect(metresInPixel).toBeCloseTo(0.001)
    expect(trunkPitch?.sd).toBeCloseTo(Math.hypot(Math.atan(0.015 / 0.5), Math.atan(0.015 / 0.5), PHOTO_SD.camera), 4)
  })

  it('a known length goes before the leg’s; without either it asks for one; what is not pointed at is left out', () => {
    const known = { from: [0, 0] as Vec2, to: [200, 0] as Vec2, length: 0.1 }
    expect(readPhoto({ hip: [0, 0], shoulder: [0, -500] }, { ...setting, known }).metresInPixel).toBeCloseTo(0.0005)
    const { kneeFlexion, kneePastToes } = readPhoto(upright, setting)
    expect([kneeFlexion?.value, kneePastToes]).toEqual([expect.closeTo(0, 9), undefined])
    expect(() => readPhoto({ hip: [0, 0] }, setting)).toThrow(InputError)
  })
})
