import type { Measures } from '../postures/measures'

/** What a level can change of the posture as taught, what is seen first before the rest. */
export const LEVEL_CHANGES = ['contact', 'step', 'knees', 'track', 'weight', 'lean', 'turn', 'arms', 'toes'] as const
export type LevelChange = (typeof LEVEL_CHANGES)[number]

const SAME = 1e-6
const differ = (a: number, b: number) => Math.abs(a - b) > SAME

const IS_CHANGED: Record<LevelChange, (level: Measures, taught: Measures) => boolean> = {
  contact: (level, taught) => level.own.contact !== taught.own.contact,
  step: (level, taught) => differ(level.step, taught.step),
  knees: (level, taught) => differ(level.kneeFlexion, taught.kneeFlexion),
  track: (level, taught) => differ(level.track, taught.track),
  weight: (level, taught) => differ(level.ownLoad, taught.ownLoad),
  lean: (level, taught) => differ(level.trunk.pitch, taught.trunk.pitch),
  turn: (level, taught) => differ(level.pelvisYaw, taught.pelvisYaw),
  arms: (level, taught) =>
    differ(level.ownArm.elevation, taught.ownArm.elevation) ||
    differ(level.otherArm.elevation, taught.otherArm.elevation),
  toes: (level, taught) =>
    differ(level.other.toeOut, taught.other.toeOut) || differ(level.own.toeOut, taught.own.toeOut),
}

/**
 * What a level changes of the posture as taught.
 * @example listLevelChanges({ ...measures, step: 0.05 }, measures) // => ['step']
 */
export const listLevelChanges = (level: Measures, taught: Measures): LevelChange[] =>
  LEVEL_CHANGES.filter((change) => IS_CHANGED[change](level, taught))
