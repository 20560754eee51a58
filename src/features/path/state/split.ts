import { DEG, type ShownTransition, type Stance } from '@/core'
import { fromStance } from '@/formats/from-core'
import type { PartDocument, RoutineDocument } from '@/formats/routine-document'
import { insertParts } from './edits'

/** Where a way is best parted: the foot has touched and is not filled yet; where none steps, half of the time is over. */
export function findMiddle({ phases }: ShownTransition): Stance | null {
  const touched = phases.find(({ kind }, i) => kind === 'touch' && i < phases.length - 1)?.instants.at(-1)
  if (touched) return touched.stance
  const half = phases.reduce((sum, { seconds }) => sum + seconds, 0) / 2
  let passed = 0
  for (const { seconds, instants } of phases) {
    if (passed + seconds >= half && seconds > 0)
      return instants[Math.round(((half - passed) / seconds) * (instants.length - 1))]?.stance ?? null
    passed += seconds
  }
  return null
}

/** A movement in two, each with the breath and the seconds that it had: first to its middle, from there on as it was. */
export function splitPart(routine: RoutineDocument, at: number, middle: Stance, anchor: 'left' | 'right' | null) {
  const { seconds, breath, choices, headingDeg } = routine.parts[at] as PartDocument
  const { at: placed, posture: _, ...stance } = middle
  const part: PartDocument = {
    stance: fromStance(stance),
    headingDeg: placed ? placed.heading / DEG : headingDeg,
    ...(seconds !== undefined && { seconds }),
    ...(breath && { breath }),
    ...(anchor && { anchor }),
    // As it is stood its step is scaled already.
    choices: { ...choices, stepScale: 1 },
  }
  return insertParts(routine, at, [part])
}
