import { type Analysis, type Body, calcTrack, SIDES, type Stance, tryAnalyse } from '@/core'

/** A usual cause of a complaint that geometry shows, and how large it is in a stance: radians or metres, larger is more. */
type Cause = { id: CauseId; unit: 'rad' | 'm'; of: (analysis: Analysis) => number }

export const CAUSES = ['arm-back', 'arm-high', 'hollow', 'lean-back', 'turn', 'drift', 'low', 'narrow'] as const
export type CauseId = (typeof CAUSES)[number]

const most = (of: (side: 'left' | 'right') => number): number => Math.max(...SIDES.map(of))

const ARM_BACK: Cause = {
  id: 'arm-back',
  unit: 'rad',
  of: ({ pose }) => most((side) => -pose.stance.arms[side].elevation),
}
const ARM_HIGH: Cause = {
  id: 'arm-high',
  unit: 'rad',
  of: ({ pose }) => most((side) => pose.stance.arms[side].elevation),
}
const HOLLOW: Cause = { id: 'hollow', unit: 'rad', of: ({ pose }) => pose.stance.pelvisTilt }
const LEAN_BACK: Cause = { id: 'lean-back', unit: 'rad', of: ({ pose }) => -pose.stance.trunk.pitch }
const TURN: Cause = { id: 'turn', unit: 'rad', of: ({ pose }) => Math.abs(pose.stance.trunk.yaw) }
const DRIFT: Cause = { id: 'drift', unit: 'rad', of: ({ legs }) => most((side) => Math.abs(legs[side].drift)) }
const LOW: Cause = { id: 'low', unit: 'rad', of: ({ legs }) => most((side) => legs[side].flexion) }
/** A narrow track is more of it: so much less than half a metre. */
const NARROW: Cause = { id: 'narrow', unit: 'm', of: ({ pose }) => 0.5 - Math.abs(calcTrack(pose.stance)) }

/** From complaint to usual causes; only those that a stance can show. */
const OF: Record<string, readonly Cause[]> = {
  shoulder: [ARM_BACK, ARM_HIGH],
  'low-back': [HOLLOW, LEAN_BACK, TURN],
  knee: [DRIFT, LOW],
  'way-back': [NARROW],
  thighs: [LOW],
}

export type FoundCause = { cause: CauseId; posture: string; value: number; unit: 'rad' | 'm' }

const LEAST = { rad: 0.02, m: 0.05 }

/** Where in somebody's own stances each usual cause of a complaint is largest; nothing of a cause that shows nowhere. */
export function findCauses(
  complaint: string,
  body: Body,
  stances: readonly { posture: string; stance: Stance }[],
): FoundCause[] {
  const analysed = stances.flatMap(({ posture, stance }) => {
    const analysis = tryAnalyse(body, stance)
    return analysis ? [{ posture, analysis }] : []
  })
  return (OF[complaint] ?? []).flatMap(({ id, unit, of }) => {
    const found = analysed
      .map(({ posture, analysis }) => ({ cause: id, unit, posture, value: of(analysis) }))
      .sort((a, b) => b.value - a.value)[0]
    return found && found.value > LEAST[unit] ? [found] : []
  })
}
