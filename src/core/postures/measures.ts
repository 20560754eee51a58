import type { Body } from '../body/body'
import { type BySide, otherSide, type Side, sideSign } from '../conventions'
import { calcLead, calcTrack } from '../stance/layout'
import { makeSeated } from '../stance/seated'
import {
  type Arm,
  type Contact,
  type Feature,
  type FootSetting,
  STANCE_DEFAULTS,
  type Stance,
  type Support,
} from '../stance/stance'

export type FootMeasure = { toeOut: number; contact: Contact; pressureAt: number; clearance: number; lift: number }

/**
 * A stance in the body's own measures, as a teacher says it: it fits everybody. The side that a posture is named after
 * is its own side (the foot in front, the light or the raised one). Angles in radians, shares 0 to 1; turns positive
 * toward the own side.
 */
export type Measures = {
  /** Sideways between the heels: shoulder widths, and foot breadths on top. */
  track: number
  breadths: number
  /** The own heel ahead of the other, as a fraction of stature; a clearance likewise. */
  step: number
  own: FootMeasure
  other: FootMeasure
  ownLoad: number
  kneeFlexion: number
  /** Whose knee sets the height; null: the fuller leg's. */
  kneeOf: 'own' | 'other' | null
  pelvisYaw: number
  pelvisTilt: number
  trunk: { pitch: number; roll: number; yaw: number }
  frame: Stance['frame']
  ownArm: Arm
  otherArm: Arm
  seated: boolean
}

/** To whole millimetres: what a person can lay tape by. Left and right alike. */
const mm = (metres: number) => (Math.sign(metres) * Math.round(Math.abs(metres) * 1000)) / 1000 || 0

const onSide = <T>(side: Side, own: T, other: T): BySide<T> =>
  side === 'left' ? { left: own, right: other } : { left: other, right: own }

/** +1 on the left: a turn toward the own side is counter-clockwise there. */
const turnSign = (side: Side): 1 | -1 => (side === 'left' ? 1 : -1)

/** Heels in metres between them, sideways. */
export const trackOf = (measures: Measures, body: Body): number =>
  measures.track * body.shoulderWidth + measures.breadths * body.footBreadth

/**
 * Lays measures out for a body: a whole stance in the floor frame, the feet about the middle of the track.
 * @param measures shoulder widths, statures, radians, shares 0 to 1
 * @returns metres, to a millimetre
 * @example layOut(measures, ana, 'right').loadLeft // => 0.4
 */
export function layOut(
  measures: Measures,
  body: Body,
  side: Side,
  posture?: string,
  keeps?: readonly Feature[],
): Stance {
  if (measures.seated) return seat(measures, body, side, posture, keeps)
  const left = side === 'left'
  const x = (sideSign(side) * trackOf(measures, body)) / 2
  const own = layFoot(measures.own, body, x, measures.step * body.stature)
  const other = layFoot(measures.other, body, -x, 0)
  const { trunk, kneeOf } = measures
  const turn = turnSign(side)
  // Written out: a search lays out thousands a second, and objects of one shape are what keeps it fast.
  return {
    posture,
    side,
    feet: left ? { left: own, right: other } : { left: other, right: own },
    loadLeft: left ? measures.ownLoad : 1 - measures.ownLoad,
    loadMeasured: false,
    height: kneeOf
      ? { kneeFlexion: measures.kneeFlexion, leg: kneeOf === 'own' ? side : otherSide(side) }
      : { kneeFlexion: measures.kneeFlexion },
    pelvisYaw: turn * measures.pelvisYaw,
    pelvisTilt: measures.pelvisTilt,
    trunk: { pitch: trunk.pitch, roll: sideSign(side) * trunk.roll, yaw: turn * trunk.yaw },
    arms: onSide(side, measures.ownArm, measures.otherArm),
    supports: NO_SUPPORTS,
    frame: measures.frame,
    keeps,
    eyes: 'open',
    floor: LEVEL_FLOOR,
  }
}

const NO_SUPPORTS: readonly Support[] = []
const LEVEL_FLOOR = { slope: 0, downhill: 0 }

const layFoot = (
  { toeOut, contact, pressureAt, clearance, lift }: FootMeasure,
  body: Body,
  x: number,
  y: number,
): FootSetting => ({
  heel: [mm(x), mm(y)],
  toeOut,
  contact,
  pressureAt,
  clearance: mm(clearance * body.stature),
  lift,
})

const seat = (measures: Measures, body: Body, side: Side, posture?: string, keeps?: readonly Feature[]): Stance => ({
  ...makeSeated(body),
  posture: posture ?? 'seated',
  side,
  keeps,
  arms: onSide(side, measures.ownArm, measures.otherArm),
})

/**
 * The measures of a stance of a body, so that others can be taught it. What is not a posture's (supports, closed eyes,
 * a sloping floor) is left out. `flexion` is each knee's bend as reached, for a stance whose height is a pelvis drop.
 * @param flexion radians, as reached
 * @example measureStance(bow, ana, 'left', { left: 0.4, right: 0.3 }).ownLoad // => 0.6
 */
export function measureStance(stance: Stance, body: Body, side: Side, flexion: BySide<number>): Measures {
  const other = otherSide(side)
  const foot = (one: Side): FootMeasure => {
    const { toeOut, contact, pressureAt, clearance, lift } = stance.feet[one]
    return { toeOut, contact, pressureAt, clearance: clearance / body.stature, lift }
  }
  const { height } = stance
  const ownLoad = side === 'left' ? stance.loadLeft : 1 - stance.loadLeft
  const named = 'kneeFlexion' in height ? height.leg : ownLoad >= 0.5 ? side : other
  return {
    track: calcTrack(stance) / body.shoulderWidth,
    breadths: 0,
    step: (turnSign(side) * calcLead(stance)) / body.stature,
    own: foot(side),
    other: foot(other),
    ownLoad,
    kneeFlexion: 'kneeFlexion' in height ? height.kneeFlexion : flexion[named ?? side],
    kneeOf: named === undefined ? null : named === side ? 'own' : 'other',
    pelvisYaw: turnSign(side) * stance.pelvisYaw,
    pelvisTilt: stance.pelvisTilt,
    trunk: {
      pitch: stance.trunk.pitch,
      roll: sideSign(side) * stance.trunk.roll,
      yaw: turnSign(side) * stance.trunk.yaw,
    },
    frame: stance.frame,
    ownArm: stance.arms[side],
    otherArm: stance.arms[other],
    seated: stance.seat !== undefined,
  }
}

/** What a plan need not say. */
export const PLAIN: Measures = {
  track: 1,
  breadths: 0,
  step: 0,
  own: { toeOut: 0, contact: 'whole', pressureAt: STANCE_DEFAULTS.pressureAt, clearance: 0.06, lift: 0 },
  other: { toeOut: 0, contact: 'whole', pressureAt: STANCE_DEFAULTS.pressureAt, clearance: 0.06, lift: 0 },
  ownLoad: 0.5,
  kneeFlexion: 0,
  kneeOf: null,
  pelvisYaw: 0,
  pelvisTilt: 0,
  trunk: { pitch: 0, roll: 0, yaw: 0 },
  frame: 'upright',
  ownArm: { elevation: 0, opening: 0, elbow: 0, elbowInward: 0 },
  otherArm: { elevation: 0, opening: 0, elbow: 0, elbowInward: 0 },
  seated: false,
}
