import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPerson, anyStance } from '@/testing/arbitrary'
import { resolveBody } from '../body/body'
import { DEG, SIDES, type Vec3 } from '../conventions'
import { InputError } from '../errors'
import { setFooting } from '../stance/footing'
import { makeStandingStance } from '../stance/standing'
import { type Pose, solvePose, UnreachableError } from './pose'
import { calcTrunkRotation, rotate } from './trunk'

const distance = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])

const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
const times = (a: Vec3, by: number): Vec3 => [a[0] * by, a[1] * by, a[2] * by]
const plus = (...all: Vec3[]): Vec3 => all.reduce((a, b) => [a[0] + b[0], a[1] + b[1], a[2] + b[2]], [0, 0, 0])
const unit = (a: Vec3): Vec3 => times(a, 1 / Math.sqrt(dot(a, a)))

/** A knee turned about the line from hip to ankle (Rodrigues). */
function turnKnee(hip: Vec3, ankle: Vec3, knee: Vec3, by: number): Vec3 {
  const e = unit(minus(ankle, hip))
  const k = minus(knee, hip)
  const [cos, sin] = [Math.cos(by), Math.sin(by)]
  return plus(hip, times(k, cos), times(cross(e, k), sin), times(e, dot(e, k) * (1 - cos)))
}

/** A hip under a level pelvis: how far the thigh is out, and how far the leg's plane is turned out about the thigh. */
function readHip(yaw: number, side: 'left' | 'right', hip: Vec3, knee: Vec3, ankle: Vec3) {
  const sign = side === 'right' ? 1 : -1
  const out: Vec3 = [sign * Math.cos(yaw), sign * Math.sin(yaw), 0]
  const thigh = unit(minus(knee, hip))
  const hinge = times(unit(cross(minus(ankle, hip), minus(knee, hip))), sign)
  const outOfThigh = unit(minus(out, times(thigh, dot(out, thigh))))
  return {
    abduction: Math.asin(dot(thigh, out)),
    outward: Math.atan2(sign * dot(hinge, cross(thigh, outOfThigh)), dot(hinge, outOfThigh)),
  }
}

function posed(...[person, stance]: Parameters<typeof tryPose>): Pose {
  const pose = tryPose(person, stance)
  fc.pre(pose !== null)
  return pose as Pose
}

function tryPose(
  person: Parameters<typeof resolveBody>[0],
  stance: ReturnType<typeof makeStandingStance>,
): Pose | null {
  try {
    return solvePose(setFooting(resolveBody(person), stance))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

describe('every pose that is found', () => {
  it('puts the centre of mass over the point that split and pressure ask for, within a hundredth of a millimetre', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const pose = posed(person, stance)
        const { left, right } = pose.feet
        const w = stance.loadLeft
        expect(Math.abs(pose.centre[0] - (w * left.px + (1 - w) * right.px))).toBeLessThan(1e-5)
        expect(Math.abs(pose.centre[1] - (w * left.py + (1 - w) * right.py))).toBeLessThan(1e-5)
        let [x, mass] = [0, 0]
        for (const segment of pose.segments) {
          x += segment.mass * segment.centre[0]
          mass += segment.mass
        }
        expect(mass).toBeCloseTo(person.mass, 9)
        expect(x / mass).toBeCloseTo(pose.centreOfMass[0], 9)
      }),
    )
  })

  it('keeps every bone at its length', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const { joints, body } = posed(person, stance)
        for (const side of SIDES) {
          expect(distance(joints[`${side}Hip`], joints[`${side}Knee`])).toBeCloseTo(body.thigh[side], 9)
          expect(distance(joints[`${side}Knee`], joints[`${side}Ankle`])).toBeCloseTo(body.shank[side], 6)
          expect(distance(joints[`${side}Shoulder`], joints[`${side}Elbow`])).toBeCloseTo(body.upperArm[side], 9)
          expect(distance(joints[`${side}Elbow`], joints[`${side}Wrist`])).toBeCloseTo(body.forearm[side], 9)
          expect(distance(joints[`${side}Wrist`], joints[`${side}Knuckle`])).toBeCloseTo(body.hand[side], 9)
        }
        expect(distance(joints.leftHip, joints.rightHip)).toBeCloseTo(body.hipSeparation, 9)
      }),
    )
  })

  it('turns a knee that its hip stops to the nearest place that the hip allows, as a search by steps finds it', () => {
    let stopped = 0
    fc.assert(
      fc.property(anyPerson, anyStance, fc.constantFrom(5, 15, 30), (person, stance, range) => {
        const most = range * DEG
        const limits = { hipOutwardMax: most, hipInwardMax: most / 2, hipAbductionMax: 25 * DEG }
        const { legs, joints, body } = posed({ ...person, limits }, stance)
        for (const side of SIDES) {
          const leg = legs[side]
          const read = readHip(
            stance.pelvisYaw,
            side,
            joints[`${side}Hip`],
            joints[`${side}Knee`],
            joints[`${side}Ankle`],
          )
          if (leg.flexion > DEG) {
            expect(leg.hipAbduction).toBeCloseTo(read.abduction, 6)
            expect(leg.hipRotation).toBeCloseTo(read.outward, 6)
          }
          if (!leg.rangeUsed || leg.flexion < DEG) continue
          stopped++
          const [hip, knee, ankle] = [joints[`${side}Hip`], joints[`${side}Knee`], joints[`${side}Ankle`]]
          const allowed = (turn: number) => {
            const { outward, abduction } = readHip(stance.pelvisYaw, side, hip, turnKnee(hip, ankle, knee, turn), ankle)
            const { hipOutwardMax, hipInwardMax, hipAbductionMax } = body.sides[side]
            return outward <= hipOutwardMax && outward >= -hipInwardMax && abduction <= hipAbductionMax
          }
          const inward = side === 'left' ? 1 : -1
          for (let part = -20; part <= 20; part++) {
            // From the best place (part 20 is where the knee is) to as far the other way: none of these is allowed.
            const turn = inward * (-leg.drift + (leg.drift * part) / 20)
            if (!leg.rangeExceeded && Math.abs(part) < 20) expect(allowed(turn)).toBe(false)
            if (leg.rangeExceeded) expect(allowed(turn)).toBe(false)
          }
        }
      }),
    )
    expect(stopped).toBeGreaterThan(20)
  })

  it('has no leg on the floor straighter than allowed but the named one, and no flat ankle past its limit unless reach is short', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const { legs, body } = posed(person, stance)
        const named = 'kneeFlexion' in stance.height ? stance.height.leg : undefined
        const straightest = Math.min(...SIDES.map((side) => legs[side].flexion - body.sides[side].kneeFlexionMin))
        for (const side of SIDES) {
          if (side !== named) expect(legs[side].flexion).toBeGreaterThanOrEqual(body.sides[side].kneeFlexionMin - 1e-6)
          const past = legs[side].dorsiflexion - body.sides[side].dorsiflexionMax
          // Past the ankle's limit only where some leg is as straight as it may be: reach and ankle in conflict.
          if (legs[side].foot.contact === 'whole' && past > 1e-6) expect(straightest).toBeLessThan(1e-6)
        }
      }),
    )
  })
})

describe('the trunk', () => {
  it('pitches forward, rolls to the right, and turns to the left, in that reading of the signs', () => {
    const up = (yaw: number, pitch: number, roll: number) => rotate(calcTrunkRotation(yaw, pitch, roll), 0, 0, 1)
    expect(up(0, 30 * DEG, 0)[1]).toBeCloseTo(0.5, 12)
    expect(up(0, 0, 30 * DEG)[0]).toBeCloseTo(0.5, 12)
    // Turned a quarter to the left, forward is to the left: x = -1.
    expect(rotate(calcTrunkRotation(90 * DEG, 0, 0), 0, 1, 0)[0]).toBeCloseTo(-1, 12)
    expect(up(90 * DEG, 30 * DEG, 0)[0]).toBeCloseTo(-0.5, 12)
  })
})

describe('arms', () => {
  const person = { stature: 1.7, mass: 70, sex: 'male' as const }
  const body = resolveBody(person)
  const standing = makeStandingStance(body)
  const withArms = (elevation: number, opening: number, elbow: number, elbowInward: number) => {
    const arm = {
      elevation: elevation * DEG,
      opening: opening * DEG,
      elbow: elbow * DEG,
      elbowInward: elbowInward * DEG,
    }
    return (tryPose(person, { ...standing, arms: { left: arm, right: arm } }) as Pose).joints
  }

  it('hang, reach ahead, and open to the side', () => {
    const down = withArms(0, 0, 0, 0)
    expect(down.rightElbow[2]).toBeCloseTo(down.rightShoulder[2] - body.upperArm.right, 9)
    const ahead = withArms(90, 0, 0, 0)
    expect(ahead.leftKnuckle[1] - ahead.leftShoulder[1]).toBeCloseTo(
      body.upperArm.left + body.forearm.left + body.hand.left,
      9,
    )
    const side = withArms(90, 90, 0, 0)
    expect(side.leftElbow[0]).toBeCloseTo(side.leftShoulder[0] - body.upperArm.left, 9)
    expect(side.rightElbow[0]).toBeCloseTo(side.rightShoulder[0] + body.upperArm.right, 9)
  })

  it('bend at the elbow upward, and inward toward the midline', () => {
    const up = withArms(0, 0, 90, 0)
    expect(up.rightWrist[1] - up.rightElbow[1]).toBeCloseTo(body.forearm.right, 9)
    const inward = withArms(90, 0, 90, 90)
    expect(inward.rightWrist[0] - inward.rightElbow[0]).toBeCloseTo(-body.forearm.right, 9)
    expect(inward.leftWrist[0] - inward.leftElbow[0]).toBeCloseTo(body.forearm.left, 9)
  })

  it('rest a knuckle on a support, the elbow below the line, and refuse what is out of reach', () => {
    const at: Vec3 = [-0.35, 0.35, 0.95]
    const support = { kind: 'chair-back' as const, hand: 'left' as const, at, maxLoad: 0.1 }
    const { joints } = tryPose(person, { ...standing, supports: [support] }) as Pose
    expect(distance(joints.leftKnuckle, at)).toBeLessThan(1e-9)
    expect(distance(joints.leftShoulder, joints.leftElbow)).toBeCloseTo(body.upperArm.left, 9)
    const t = 0.5
    expect(joints.leftElbow[2]).toBeLessThan(joints.leftShoulder[2] * (1 - t) + at[2] * t)
    const far = { ...support, at: [-0.35, 1.4, 0.95] as Vec3 }
    expect(() => solvePose(setFooting(body, { ...standing, supports: [far] }))).toThrow(
      'stance.supports.0.at: handReach',
    )
  })
})

describe('a leg that cannot reach', () => {
  const body = resolveBody({ stature: 1.6, mass: 60, sex: 'female' })
  const standing = makeStandingStance(body)

  it('is named, with how far it falls short', () => {
    const feet = { ...standing.feet, right: { ...standing.feet.right, heel: [0.18, 1.3] as const } }
    const solve = () => solvePose(setFooting(body, { ...standing, feet, loadLeft: 1 }))
    expect(solve).toThrow(UnreachableError)
    try {
      solve()
    } catch (error) {
      const { leg, byM, field } = error as UnreachableError
      expect([leg, field]).toEqual(['right', 'stance.feet.right.heel'])
      expect(byM).toBeGreaterThan(0.3)
    }
  })

  it('is the reason, too, where the feet are so far apart that no pelvis is found over them', () => {
    for (const apart of [1.2, 1.9, 2.6]) {
      const feet = { ...standing.feet, left: { ...standing.feet.left, heel: [-0.1, apart] as const } }
      expect(() => solvePose(setFooting(body, { ...standing, feet, loadLeft: 0.7 }))).toThrow(UnreachableError)
    }
  })
})
