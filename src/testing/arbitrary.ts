import fc from 'fast-check'
import { type Arm, type Contact, DEG, type Person, type Stance, USUAL_LIFT } from '@/core'

/** People and stances as they come, for properties. Distances in metres, angles in radians. */

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const degrees = (min: number, max: number) => number(min, max).map((value) => value * DEG)

export const anyPerson: fc.Arbitrary<Person> = fc.record(
  {
    stature: number(1.4, 2),
    mass: number(40, 130),
    sex: fc.constantFrom('female' as const, 'male' as const, 'unspecified' as const),
    age: number(20, 95),
    usableAlong: number(0.3, 0.8),
    usableAcross: number(0.35, 0.75),
    trunkShift: number(-0.02, 0.05),
  },
  { requiredKeys: ['stature', 'mass', 'sex'] },
)

const arm: fc.Arbitrary<Arm> = fc.record({
  elevation: degrees(-30, 150),
  opening: degrees(-30, 90),
  elbow: degrees(0, 120),
  elbowInward: degrees(-30, 90),
})

const foot = (x: number, contact: fc.Arbitrary<Contact>) =>
  fc
    .record({
      heel: fc.tuple(number(x - 0.08, x + 0.08), number(-0.2, 0.2)),
      toeOut: degrees(-5, 50),
      contact,
      pressureAt: number(0.2, 0.7),
      clearance: number(0.02, 0.2),
    })
    .map((set) => ({ ...set, lift: USUAL_LIFT[set.contact] }))

const onFloor = fc.constantFrom<Contact[]>('whole', 'whole', 'whole', 'ball', 'heel', 'toe-touch')

/** Stances on two feet, many of which no body can take: the properties say what must hold of those that can be. */
export const anyStance: fc.Arbitrary<Stance> = fc.record({
  feet: fc.record({ left: foot(-0.17, onFloor), right: foot(0.17, onFloor) }),
  loadLeft: number(0, 1),
  loadMeasured: fc.boolean(),
  height: fc.oneof(
    fc.record({ kneeFlexion: degrees(0, 60), leg: fc.constantFrom('left' as const, 'right' as const) }),
    fc.record({ pelvisDrop: number(0, 0.12) }),
  ),
  pelvisYaw: degrees(-30, 30),
  pelvisTilt: fc.constant(0),
  trunk: fc.record({ pitch: degrees(-8, 25), roll: degrees(-8, 8), yaw: degrees(-30, 30) }),
  arms: fc.record({ left: arm, right: arm }),
  supports: fc.constant([]),
  frame: fc.constantFrom('upright' as const, 'inclined' as const),
  eyes: fc.constant('open' as const),
  floor: fc.constant({ slope: 0, downhill: 0 }),
})
