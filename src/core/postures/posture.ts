import type { Body } from '../body/body'
import { DEG, type Side } from '../conventions'
import { type Arm, type Contact, type Feature, type Stance, withContact } from '../stance/stance'
import { ARM_PRESETS } from './arms'
import { type FootMeasure, layOut, type Measures, PLAIN } from './measures'
import { SCHOOL_IDS, SCHOOLS, type School, type SchoolId } from './schools'

/** One posture: what carries its meaning, and its measures in each school. */
export type Posture = {
  id: string
  /** A stance of the legs, or a traditional posture with its arms. */
  kind: 'stance' | 'form'
  /** Whether left and right differ. */
  sided: boolean
  /** What carries its meaning: the nearest variant keeps it. */
  keeps: readonly Feature[]
  measures: Record<SchoolId, Measures>
}

/**
 * Sizes a posture to a body, in a school, for a side.
 * @returns metres, radians, shares 0 to 1
 * @example buildPosture(postureOf('bow'), ana, 'therapeutic', 'left').loadLeft // => 0.6
 */
export const buildPosture = (posture: Posture, body: Body, school: SchoolId, side: Side): Stance =>
  layOut(posture.measures[school], body, side, posture.id, posture.keeps)

/** What sets one posture apart; degrees here, for these tables are read and edited by people. */
export type Plan = {
  track: number
  breadths?: number
  step?: number
  own?: { toeOutDeg?: number; contact?: Contact; clearance?: number }
  other?: { toeOutDeg?: number; contact?: Contact }
  ownLoad?: number
  kneeDeg: number
  kneeOf?: 'own' | 'other'
  pelvisYawDeg?: number
  pitchDeg?: number
  ownArm?: Arm
  otherArm?: Arm
  seated?: boolean
}

const DOWN = ARM_PRESETS.down.left

function toMeasures(plan: Plan, school: School): Measures {
  const foot = (set: Plan['own'] = {}): FootMeasure => ({
    ...withContact(PLAIN.own, set.contact ?? 'whole'),
    toeOut: (set.toeOutDeg ?? 0) * DEG,
    clearance: set.clearance ?? PLAIN.own.clearance,
  })
  return {
    ...PLAIN,
    track: plan.track,
    breadths: plan.breadths ?? 0,
    step: plan.step ?? 0,
    own: foot(plan.own),
    other: foot(plan.other),
    ownLoad: plan.ownLoad ?? 0.5,
    kneeFlexion: plan.kneeDeg * DEG,
    kneeOf: plan.kneeOf ?? null,
    pelvisYaw: (plan.pelvisYawDeg ?? 0) * DEG,
    trunk: { pitch: (plan.pitchDeg ?? 0) * DEG, roll: 0, yaw: 0 },
    frame: school.frame,
    ownArm: plan.ownArm ?? DOWN,
    otherArm: plan.otherArm ?? DOWN,
    seated: plan.seated ?? false,
  }
}

/** A posture from what it is and a plan that depends on the school. */
export const makePosture = (about: Omit<Posture, 'measures'>, plan: (school: School) => Plan): Posture => ({
  ...about,
  measures: Object.fromEntries(
    SCHOOL_IDS.map((school) => [school, toMeasures(plan(SCHOOLS[school]), SCHOOLS[school])]),
  ) as Record<SchoolId, Measures>,
})
