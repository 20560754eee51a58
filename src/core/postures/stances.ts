import type { Contact, Feature } from '../stance/stance'
import { ARM_PRESETS, makeArm } from './arms'
import { makePosture, type Plan, type Posture } from './posture'
import type { School } from './schools'

const FRONT_ARM = makeArm(68, 4, 45)
const REAR_ARM = makeArm(18, 15, 40)
const ROUND = ARM_PRESETS.round.left
const EASY = makeArm(12, 12, 25)

/** The low of a school, kept to what a stance's name allows: high 10 to 25°, middle to 45°, low beyond. */
const atMost = (school: School, degrees: number) => Math.min(school.kneeDeg, degrees)

/** A wide stance, in shoulder widths: no wider than it can be stepped into at the school's height. */
const wide = (school: School, most: number) => most - (school.kneeDeg > 45 ? 0.1 : 0.1 * (1 - room(school)))

/** What part of a middle stance's room a school's height leaves: standing high, a leg reaches less far. */
const room = (school: School) => Math.min(1, school.kneeDeg / 35)

export const bowPlan = (school: School): Plan => ({
  track: school.track,
  step: school.bowStep,
  other: { toeOutDeg: school.rearToeOutDeg, contact: school.rearContact },
  ownLoad: school.bowLoad,
  kneeDeg: school.kneeDeg,
  kneeOf: 'own',
  pitchDeg: school.bowPitchDeg,
  pelvisYawDeg: school.bowYawDeg,
  ownArm: FRONT_ARM,
  otherArm: REAR_ARM,
})

export const emptyPlan =
  (contact: Contact) =>
  (school: School): Plan => ({
    track: 0.5,
    step: 0.13 * room(school),
    own: { contact },
    other: { toeOutDeg: Math.min(school.rearToeOutDeg, 40) },
    ownLoad: 0.1,
    kneeDeg: atMost(school, 32),
    kneeOf: 'other',
    ownArm: makeArm(50, 6, 50),
    otherArm: makeArm(25, 20, 60),
  })

export const parallelPlan = (school: School): Plan => ({
  track: school.id === 'therapeutic' ? 0.9 : 1,
  kneeDeg: atMost(school, 25),
  ownArm: EASY,
  otherArm: EASY,
})

export const halfFacingPlan = (school: School): Plan => ({
  track: Math.min(0.7, school.track),
  step: 0.06 * room(school),
  own: { toeOutDeg: 5 },
  other: { toeOutDeg: Math.min(school.rearToeOutDeg, 45) },
  ownLoad: 0.3,
  kneeDeg: atMost(school, 35),
  kneeOf: 'other',
  pelvisYawDeg: -20,
  ownArm: FRONT_ARM,
  otherArm: REAR_ARM,
})

export const backStepPlan = (school: School): Plan => ({
  track: school.backTrack,
  step: school.backStep,
  other: { toeOutDeg: 20 },
  ownLoad: 0.35,
  kneeDeg: atMost(school, 28),
  kneeOf: 'other',
  ownArm: makeArm(65, 5, 35),
  otherArm: makeArm(30, 15, 80),
})

export const sideStepPlan = (school: School): Plan => ({
  // As far out as a leg reaches at the school's height.
  track: parallelPlan(school).track + (school.kneeDeg > 45 || school.kneeDeg <= 25 ? 0.04 : 0.1),
  ownLoad: 0.65,
  kneeDeg: atMost(school, 28),
  kneeOf: 'own',
  ownArm: makeArm(70, 10, 70, 50),
  otherArm: makeArm(20, 10, 60, 50),
})

export const oneLegPlan = (school: School): Plan => ({
  track: 0.45,
  step: 0.04 + 0.5 * school.lift,
  own: { contact: 'air', clearance: school.lift },
  other: { toeOutDeg: 15 },
  ownLoad: 0,
  kneeDeg: 12,
  kneeOf: 'other',
  ownArm: makeArm(75, 5, 85),
  otherArm: makeArm(12, 15, 25),
})

export const dropPlan = (school: School): Plan => ({
  track: wide(school, 1.1) * room(school),
  step: (0.07 + 0.2 * school.bowStep) * room(school),
  own: { toeOutDeg: 10 },
  other: { toeOutDeg: Math.max(30, Math.min(35, school.rearToeOutDeg)) },
  ownLoad: 0.25,
  kneeDeg: Math.min(school.kneeDeg + 15, 48),
  kneeOf: 'other',
  pelvisYawDeg: 8,
  pitchDeg: 8,
  ownArm: makeArm(40, 15, 10),
  otherArm: makeArm(60, 60, 40),
})

type About = { keeps: readonly Feature[]; level?: boolean }

const stance = (id: string, { keeps, level = false }: About, plan: (school: School) => Plan): Posture =>
  makePosture({ id, kind: 'stance', sided: !level, keeps }, plan)

/** The stances of the legs, each sized to a body and coloured by a school. */
export const STANCES: readonly Posture[] = [
  stance('parallel', { level: true, keeps: ['step'] }, parallelPlan),
  stance('heels-together', { level: true, keeps: ['step', 'width', 'toeOut'] }, () => ({
    track: 0,
    breadths: 0.55,
    own: { toeOutDeg: 30 },
    other: { toeOutDeg: 30 },
    kneeDeg: 8,
  })),
  stance('horse', { level: true, keeps: ['step', 'width', 'height'] }, (school) => ({
    track: wide(school, 1.2),
    own: { toeOutDeg: 20 },
    other: { toeOutDeg: 20 },
    kneeDeg: atMost(school, 45),
    ownArm: ROUND,
    otherArm: ROUND,
  })),
  stance('half-horse', { keeps: ['width', 'pelvisYaw'] }, (school) => ({
    track: wide(school, 1.1),
    step: 0.1,
    own: { toeOutDeg: 5 },
    other: { toeOutDeg: Math.min(school.rearToeOutDeg, 25) },
    ownLoad: 0.5,
    kneeDeg: atMost(school, 34),
    pelvisYawDeg: -8,
    ownArm: FRONT_ARM,
    otherArm: REAR_ARM,
  })),
  stance('bow', { keeps: ['share'] }, bowPlan),
  stance('follow-step', { keeps: ['share', 'contact'] }, (school) => ({
    ...bowPlan(school),
    track: 0.75,
    step: 0.09,
    other: { toeOutDeg: Math.min(20, school.rearToeOutDeg), contact: 'ball' },
    ownLoad: 0.85,
    kneeDeg: atMost(school, 26),
  })),
  stance('empty-ball', { keeps: ['share', 'contact'] }, emptyPlan('ball')),
  stance('empty-heel', { keeps: ['share', 'contact'] }, emptyPlan('heel')),
  stance('half-facing', { keeps: ['share', 'pelvisYaw'] }, halfFacingPlan),
  stance('back-step', { keeps: ['share'] }, backStepPlan),
  stance('side-step', { keeps: ['step', 'share'] }, sideStepPlan),
  stance('toed-in', { keeps: ['toeOut'] }, (school) => ({
    track: 0.9,
    step: 0.06,
    own: { toeOutDeg: -25 },
    other: { toeOutDeg: 5 },
    ownLoad: 0.4,
    kneeDeg: atMost(school, 20),
    kneeOf: 'other',
    ownArm: EASY,
    otherArm: EASY,
  })),
  stance('one-leg', { keeps: ['share', 'contact'] }, oneLegPlan),
  stance('heel-kick', { keeps: ['share', 'contact'] }, (school) => ({
    track: 0.5,
    step: 0.16 + 0.6 * school.lift,
    own: { contact: 'air', clearance: 0.06 + 0.5 * school.lift },
    other: { toeOutDeg: 25 },
    ownLoad: 0,
    kneeDeg: 12,
    kneeOf: 'other',
    ownArm: makeArm(75, 20, 15),
    otherArm: makeArm(75, 70, 15),
  })),
  stance('drop', { keeps: ['share', 'height'] }, dropPlan),
  stance('seated', { level: true, keeps: ['arms'] }, () => ({
    track: 1,
    kneeDeg: 90,
    seated: true,
    ownArm: makeArm(35, 10, 60),
    otherArm: makeArm(35, 10, 60),
  })),
]
