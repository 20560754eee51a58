import type { Body } from '../body/body'
import { DEG, otherSide, type Side, sideSign } from '../conventions'
import type { Arm, Contact, FootSetting, Stance } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import type { School } from './schools'

export const POSTURE_IDS = ['parallel', 'bow', 'empty-ball', 'one-leg'] as const
export type PostureId = (typeof POSTURE_IDS)[number]

export type Posture = {
  id: PostureId
  /** As the sentence says it, after "in a left …" or "…". */
  name: string
  /** Whether left and right differ, and what the side names. */
  sided: boolean
  build: (body: Body, school: School, side: Side) => Stance
}

const arm = (elevationDeg: number, openingDeg: number, elbowDeg: number, elbowInwardDeg = 0): Arm => ({
  elevation: elevationDeg * DEG,
  opening: openingDeg * DEG,
  elbow: elbowDeg * DEG,
  elbowInward: elbowInwardDeg * DEG,
})

/** To whole millimetres: what a person can lay tape by. */
const mm = (metres: number) => Math.round(metres * 1000) / 1000

const foot = (x: number, y: number, toeOutDeg: number, contact: Contact = 'whole', clearance = 0.1): FootSetting => ({
  heel: [mm(x), mm(y)],
  toeOut: toeOutDeg * DEG,
  contact,
  pressureAt: 0.45,
  clearance: mm(clearance),
})

const loadOn = (side: Side, share: number): number => (side === 'left' ? share : 1 - share)

/** Two feet by the named side: that one at `track` beside and `step` ahead of the other, the other at the origin line. */
function setFeet(side: Side, track: number, own: (x: number) => FootSetting, other: (x: number) => FootSetting) {
  const x = (sideSign(side) * track) / 2
  return side === 'left' ? { left: own(x), right: other(-x) } : { left: other(-x), right: own(x) }
}

function buildParallel(body: Body, school: School): Stance {
  const half = (Math.min(1, school.track) * body.shoulderWidth) / 2
  return {
    ...makeStandingStance(body),
    posture: 'parallel',
    feet: { left: foot(-half, 0, 0), right: foot(half, 0, 0) },
    height: { kneeFlexion: Math.min(school.kneeDeg, 25) * DEG },
    arms: { left: arm(12, 12, 25), right: arm(12, 12, 25) },
  }
}

function buildBow(body: Body, school: School, side: Side): Stance {
  const step = school.bowStep * body.stature
  const front = arm(68, 4, 45)
  const rear = arm(18, 15, 40)
  return {
    ...makeStandingStance(body),
    posture: 'bow',
    side,
    feet: setFeet(
      side,
      school.track * body.shoulderWidth,
      (x) => foot(x, step, 0),
      (x) => foot(x, 0, school.rearToeOutDeg, school.rearContact),
    ),
    loadLeft: loadOn(side, school.bowLoad),
    height: { kneeFlexion: school.kneeDeg * DEG, leg: side },
    trunk: { pitch: school.bowPitchDeg * DEG, roll: 0, yaw: 0 },
    frame: school.frame,
    arms: side === 'left' ? { left: front, right: rear } : { left: rear, right: front },
  }
}

function buildEmpty(body: Body, school: School, side: Side): Stance {
  const front = arm(50, 6, 50)
  const rear = arm(25, 20, 60)
  return {
    ...makeStandingStance(body),
    posture: 'empty-ball',
    side,
    feet: setFeet(
      side,
      0.5 * body.shoulderWidth,
      (x) => foot(x, 0.13 * body.stature, 0, 'ball'),
      (x) => foot(x, 0, Math.min(school.rearToeOutDeg, 40)),
    ),
    loadLeft: loadOn(side, 0.1),
    height: { kneeFlexion: Math.min(school.kneeDeg, 32) * DEG, leg: otherSide(side) },
    frame: school.frame,
    arms: side === 'left' ? { left: front, right: rear } : { left: rear, right: front },
  }
}

function buildOneLeg(body: Body, school: School, side: Side): Stance {
  const raised = arm(75, 5, 85)
  const low = arm(12, 15, 25)
  return {
    ...makeStandingStance(body),
    posture: 'one-leg',
    side,
    feet: setFeet(
      side,
      0.45 * body.shoulderWidth,
      (x) => foot(x, (0.04 + 0.5 * school.lift) * body.stature, 0, 'air', school.lift * body.stature),
      (x) => foot(x, 0, 15),
    ),
    loadLeft: loadOn(side, 0),
    height: { kneeFlexion: 12 * DEG, leg: otherSide(side) },
    arms: side === 'left' ? { left: raised, right: low } : { left: low, right: raised },
  }
}

/** The postures, each sized to a body. The side is the foot in front, or the raised one. */
export const POSTURES: Record<PostureId, Posture> = {
  parallel: { id: 'parallel', name: 'parallel stance', sided: false, build: buildParallel },
  bow: { id: 'bow', name: 'bow', sided: true, build: buildBow },
  'empty-ball': { id: 'empty-ball', name: 'empty stance, ball down', sided: true, build: buildEmpty },
  'one-leg': { id: 'one-leg', name: 'one-leg stance', sided: true, build: buildOneLeg },
}
