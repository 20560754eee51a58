import type { Body } from '../body/body'
import { type BySide, DEG, otherSide, type Side, sideSign } from '../conventions'
import type { Arm, Contact, FootSetting, Stance } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import { makeSeated } from '../variants/seated'
import { ARM_PRESETS, makeArm } from './arms'
import type { School } from './schools'

export const POSTURE_IDS = [
  'parallel',
  'heels-together',
  'horse',
  'half-horse',
  'bow',
  'empty-ball',
  'empty-heel',
  'half-facing',
  'back-step',
  'side-step',
  'one-leg',
  'heel-kick',
  'drop',
  'seated',
] as const
export type PostureId = (typeof POSTURE_IDS)[number]

export type Posture = {
  id: PostureId
  /** As the sentence says it, after "in a left …" or "…". */
  name: string
  /** Whether left and right differ; the side is the foot in front, the light one, or the raised one. */
  sided: boolean
  build: (body: Body, school: School, side: Side) => Stance
}

/** What sets one posture apart from the person's own standing. Lengths in metres, the named side's foot and the other's. */
type Plan = {
  track: number
  step?: number
  own?: { toeOutDeg?: number; contact?: Contact; clearance?: number }
  other?: { toeOutDeg?: number; contact?: Contact }
  /** Share on the named side's foot. */
  ownLoad?: number
  kneeDeg: number
  /** Whose knee sets the height; not given: the fuller leg's. */
  kneeOf?: 'own' | 'other'
  pelvisYawDeg?: number
  pitchDeg?: number
  ownArm?: Arm
  otherArm?: Arm
  arms?: BySide<Arm>
}

/** To whole millimetres: what a person can lay tape by. */
const mm = (metres: number) => Math.round(metres * 1000) / 1000

const onSide = <T>(side: Side, own: T, other: T): BySide<T> =>
  side === 'left' ? { left: own, right: other } : { left: other, right: own }

function buildFrom(body: Body, school: School, side: Side, posture: PostureId, plan: Plan): Stance {
  const standing = makeStandingStance(body)
  const x = (sideSign(side) * plan.track) / 2
  const foot = (at: [number, number], set: Plan['own'] = {}): FootSetting => ({
    heel: [mm(at[0]), mm(at[1])],
    toeOut: (set.toeOutDeg ?? 0) * DEG,
    contact: set.contact ?? 'whole',
    pressureAt: 0.45,
    clearance: mm(set.clearance ?? 0.1),
  })
  const ownLoad = plan.ownLoad ?? 0.5
  const turn = side === 'left' ? 1 : -1
  const knee = plan.kneeOf && (plan.kneeOf === 'own' ? side : otherSide(side))
  return {
    ...standing,
    posture,
    side,
    feet: onSide(side, foot([x, plan.step ?? 0], plan.own), foot([-x, 0], plan.other)),
    loadLeft: side === 'left' ? ownLoad : 1 - ownLoad,
    height: { kneeFlexion: plan.kneeDeg * DEG, ...(knee && { leg: knee }) },
    pelvisYaw: turn * (plan.pelvisYawDeg ?? 0) * DEG,
    trunk: { pitch: (plan.pitchDeg ?? 0) * DEG, roll: 0, yaw: 0 },
    frame: school.frame,
    arms: plan.arms ?? onSide(side, plan.ownArm ?? DOWN, plan.otherArm ?? DOWN),
  }
}

const DOWN = ARM_PRESETS.down.arms.left
const FRONT_ARM = makeArm(68, 4, 45)
const REAR_ARM = makeArm(18, 15, 40)
const ROUND = ARM_PRESETS.round.arms

/** A posture made of a plan that depends on body and school. */
const posture = (id: PostureId, name: string, sided: boolean, plan: (body: Body, school: School) => Plan): Posture => ({
  id,
  name,
  sided,
  build: (body, school, side) => buildFrom(body, school, side, id, plan(body, school)),
})

/** The low of a school, kept to what its name allows: high 10 to 25°, middle to 45°, low beyond. */
const atMost = (school: School, degrees: number) => Math.min(school.kneeDeg, degrees)

const emptyPlan =
  (contact: Contact) =>
  (body: Body, school: School): Plan => ({
    track: 0.5 * body.shoulderWidth,
    step: 0.13 * body.stature,
    own: { contact },
    other: { toeOutDeg: Math.min(school.rearToeOutDeg, 40) },
    ownLoad: 0.1,
    kneeDeg: atMost(school, 32),
    kneeOf: 'other',
    ownArm: makeArm(50, 6, 50),
    otherArm: makeArm(25, 20, 60),
  })

/** The postures, each sized to a body and coloured by a school. */
export const POSTURES: Record<PostureId, Posture> = {
  parallel: posture('parallel', 'parallel stance', false, (body, school) => ({
    track: Math.min(1, school.track) * body.shoulderWidth,
    kneeDeg: atMost(school, 25),
    arms: { left: makeArm(12, 12, 25), right: makeArm(12, 12, 25) },
  })),
  'heels-together': posture('heels-together', 'heels-together stance', false, (body) => ({
    track: 0.55 * body.footBreadth,
    own: { toeOutDeg: 30 },
    other: { toeOutDeg: 30 },
    kneeDeg: 8,
  })),
  horse: posture('horse', 'horse', false, (body, school) => ({
    track: (1.2 + 0.25 * school.track) * body.shoulderWidth,
    own: { toeOutDeg: 20 },
    other: { toeOutDeg: 20 },
    kneeDeg: atMost(school, 45),
    arms: ROUND,
  })),
  'half-horse': posture('half-horse', 'half-horse', true, (body, school) => ({
    track: (1 + 0.25 * school.track) * body.shoulderWidth,
    step: 0.1 * body.stature,
    own: { toeOutDeg: 5 },
    other: { toeOutDeg: Math.min(school.rearToeOutDeg, 25) },
    ownLoad: 0.5,
    kneeDeg: atMost(school, 34),
    pelvisYawDeg: -8,
    ownArm: FRONT_ARM,
    otherArm: REAR_ARM,
  })),
  bow: posture('bow', 'bow', true, (body, school) => ({
    track: school.track * body.shoulderWidth,
    step: school.bowStep * body.stature,
    other: { toeOutDeg: school.rearToeOutDeg, contact: school.rearContact },
    ownLoad: school.bowLoad,
    kneeDeg: school.kneeDeg,
    kneeOf: 'own',
    pitchDeg: school.bowPitchDeg,
    ownArm: FRONT_ARM,
    otherArm: REAR_ARM,
  })),
  'empty-ball': posture('empty-ball', 'empty stance, ball down', true, emptyPlan('ball')),
  'empty-heel': posture('empty-heel', 'empty stance, heel down', true, emptyPlan('heel')),
  'half-facing': posture('half-facing', 'half-facing stance', true, (body, school) => ({
    track: 0.8 * body.shoulderWidth,
    step: 0.15 * body.stature,
    own: { toeOutDeg: 5 },
    other: { toeOutDeg: Math.min(school.rearToeOutDeg, 45) },
    ownLoad: 0.3,
    kneeDeg: atMost(school, 35),
    kneeOf: 'other',
    pelvisYawDeg: -20,
    ownArm: FRONT_ARM,
    otherArm: REAR_ARM,
  })),
  'back-step': posture('back-step', 'back step', true, (body, school) => ({
    track: 0.9 * body.shoulderWidth,
    step: 0.14 * body.stature,
    other: { toeOutDeg: 20 },
    ownLoad: 0.35,
    kneeDeg: atMost(school, 28),
    kneeOf: 'other',
    ownArm: makeArm(65, 5, 35),
    otherArm: makeArm(30, 15, 80),
  })),
  'side-step': posture('side-step', 'side step', true, (body, school) => ({
    track: 1.1 * body.shoulderWidth,
    ownLoad: 0.65,
    kneeDeg: atMost(school, 28),
    kneeOf: 'own',
    ownArm: makeArm(70, 10, 70, 50),
    otherArm: makeArm(20, 10, 60, 50),
  })),
  'one-leg': posture('one-leg', 'one-leg stance', true, (body, school) => ({
    track: 0.45 * body.shoulderWidth,
    step: (0.04 + 0.5 * school.lift) * body.stature,
    own: { contact: 'air', clearance: school.lift * body.stature },
    other: { toeOutDeg: 15 },
    ownLoad: 0,
    kneeDeg: 12,
    kneeOf: 'other',
    ownArm: makeArm(75, 5, 85),
    otherArm: makeArm(12, 15, 25),
  })),
  'heel-kick': posture('heel-kick', 'heel kick', true, (body, school) => ({
    track: 0.5 * body.shoulderWidth,
    step: (0.16 + 0.6 * school.lift) * body.stature,
    own: { contact: 'air', clearance: (0.06 + 0.5 * school.lift) * body.stature },
    other: { toeOutDeg: 25 },
    ownLoad: 0,
    kneeDeg: 12,
    kneeOf: 'other',
    ownArm: makeArm(75, 20, 15),
    otherArm: makeArm(75, 70, 15),
  })),
  drop: posture('drop', 'drop', true, (body, school) => ({
    track: 1.1 * body.shoulderWidth,
    step: (0.07 + 0.2 * school.bowStep) * body.stature,
    own: { toeOutDeg: 10 },
    other: { toeOutDeg: 35 },
    ownLoad: 0.25,
    kneeDeg: Math.min(school.kneeDeg + 10, 50),
    kneeOf: 'other',
    pelvisYawDeg: 8,
    pitchDeg: 8,
    ownArm: makeArm(40, 15, 10),
    otherArm: makeArm(60, 60, 40),
  })),
  seated: {
    id: 'seated',
    name: 'seated form',
    sided: false,
    build: (body) => ({ ...makeSeated(body), posture: 'seated' }),
  },
}
