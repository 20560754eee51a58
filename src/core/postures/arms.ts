import { type BySide, DEG } from '../conventions'
import type { Arm } from '../stance/stance'

/** An arm in degrees: elevation, opening, elbow, and the elbow turned inward. */
export const makeArm = (elevationDeg: number, openingDeg: number, elbowDeg: number, elbowInwardDeg = 0): Arm => ({
  elevation: elevationDeg * DEG,
  opening: openingDeg * DEG,
  elbow: elbowDeg * DEG,
  elbowInward: elbowInwardDeg * DEG,
})

export const ARM_PRESET_IDS = ['down', 'belly', 'round', 'level', 'one-up', 'behind'] as const
export type ArmPreset = (typeof ARM_PRESET_IDS)[number]

const both = (arm: Arm): BySide<Arm> => ({ left: arm, right: arm })

/** Arms as teachers name them; the one up is the left. */
export const ARM_PRESETS: Record<ArmPreset, BySide<Arm>> = {
  down: both(makeArm(8, 20, 12)),
  belly: both(makeArm(12, 10, 75, 35)),
  round: both(makeArm(58, 22, 72, 70)),
  level: both(makeArm(88, 5, 10)),
  'one-up': { left: makeArm(115, 15, 60), right: makeArm(15, 15, 25) },
  behind: both(makeArm(-25, 30, 70, 40)),
}
