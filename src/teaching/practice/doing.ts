import { type Body, DEG, layOut, type Stance } from '@/core'
import type { PlanDocument } from '@/documents/plan-document'
import { type MeasuresDocument, type Posture, toMeasures } from '@/documents/posture-document'
import type { StanceBody } from '@/documents/stance-document'
import { toStance } from '@/documents/to-core'
import type { Doing } from './next-version'

type Planned = Pick<PlanDocument, 'school' | 'side'> & {
  group: string
  groupId: string
  posture: string
  levels: readonly MeasuresDocument[]
  level: number | null
  stance: StanceBody | null
}

/** What somebody does of a posture now, and in which group's plan; null where no plan has them. */
export type Done = Doing & { posture: Posture; stance: Stance; plan: { id: string; group: string } | null }

/** What most lessons are built on: it stands for the rest where no plan has them. */
const MAIN = 'bow'

/** What the plans of their groups have somebody do standing; without a plan a bow as most begin it. */
export function listDoing(body: Body, planned: readonly Planned[], postures: readonly Posture[]): Done[] {
  const doing = planned.flatMap(({ posture: id, school, side, level, levels, stance, group, groupId }): Done[] => {
    const posture = postures.find((one) => one.id === id)
    const measures = level === null ? undefined : levels[level]
    const stood = stance
      ? toStance(stance)
      : measures && posture && layOut(toMeasures(measures), body, side, id, posture.keeps)
    return posture && stood && !stood.seat
      ? [{ posture, school, side, stance: stood, plan: { id: groupId, group } }]
      : []
  })
  if (doing.length > 0) return doing
  const bow = postures.find(({ id }) => id === MAIN)
  if (!bow) return []
  const taught = bow.measures.therapeutic
  // Three quarters of the step and softer knees.
  const begun = { ...taught, step: taught.step * 0.75, kneeFlexion: Math.max(10 * DEG, taught.kneeFlexion - 5 * DEG) }
  return [
    {
      posture: bow,
      school: 'therapeutic',
      side: 'left',
      stance: layOut(begun, body, 'left', MAIN, bow.keeps),
      plan: null,
    },
  ]
}
