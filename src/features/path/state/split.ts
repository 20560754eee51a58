import { DEG, type ShownInstant, type ShownTransition } from '@/core'
import { fromStance } from '@/documents/from-core'
import type { PartDocument, RoutineDocument } from '@/documents/routine-document'
import { insertParts } from './edits'

/**
 * Where a way is best parted: the foot has touched and is not filled yet; where none steps, half of the time is over.
 * Null where one of the two would be too quick in as many seconds as the whole had.
 */
export function findMiddle({ phases, anchor }: ShownTransition): ShownInstant | null {
  const all = sum(phases.map(({ seconds }) => seconds))
  const touched = phases.findIndex(({ kind, foot }, i) => kind === 'touch' && foot !== anchor && i < phases.length - 1)
  if (touched < 0) return halfWay(phases, all / 2)
  const halves = [phases.slice(0, touched + 1), phases.slice(touched + 1)]
  const needs = halves.map((half) => sum(half.map(({ shortest }) => shortest ?? Number.POSITIVE_INFINITY)))
  return Math.max(...needs) <= all ? (phases[touched]?.instants.at(-1) ?? null) : null
}

const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0)

function halfWay(phases: ShownTransition['phases'], half: number): ShownInstant | null {
  let passed = 0
  for (const { seconds, instants } of phases) {
    if (passed + seconds >= half && seconds > 0)
      return instants[Math.round(((half - passed) / seconds) * (instants.length - 1))] ?? null
    passed += seconds
  }
  return null
}

/** A movement in two, each with the breath and the seconds that it had: first to its middle, from there on as it was. */
export function splitPart(
  routine: RoutineDocument,
  at: number,
  middle: ShownInstant,
  anchor: 'left' | 'right' | null,
): RoutineDocument {
  const part = routine.parts[at] as PartDocument
  const { seconds, breath, choices } = part
  const led = { ...(seconds !== undefined && { seconds }), ...(breath && { breath }), ...(anchor && { anchor }) }
  if (part.posture && !part.stance && !isTurned(routine, at))
    return insertParts(routine, at, [{ ...inPosture(part, middle, anchor), ...led, ...(choices && { choices }) }])
  const { at: placed, ...stance } = middle.stance
  const own: PartDocument = {
    stance: fromStance(stance),
    headingDeg: placed ? placed.heading / DEG : part.headingDeg,
    ...led,
    // As it is stood its step is scaled already.
    choices: { ...choices, stepScale: 1 },
  }
  return insertParts(routine, at, [own])
}

/** Whether one faces elsewhere than before: the feet are where the posture has them, facing is not. */
function isTurned({ parts }: RoutineDocument, at: number): boolean {
  const before = parts.slice(0, at).findLast(({ headingDeg }) => headingDeg !== undefined)?.headingDeg ?? 0
  return (parts[at]?.headingDeg ?? before) !== before
}

/** The posture that it goes to, but for what is not there yet: in everybody's measure, as no length is in it. */
function inPosture(
  { posture, side, with: changes, headingDeg }: PartDocument,
  { stance, knees }: ShownInstant,
  anchor: 'left' | 'right' | null,
): PartDocument {
  const { loadLeftPct, pelvisYawDeg, trunk, arms } = fromStance(stance)
  const bend = anchor && { height: { kneeFlexionDeg: Math.round((10 * knees[anchor]) / DEG) / 10, leg: anchor } }
  return {
    posture,
    ...(side && { side }),
    ...(headingDeg !== undefined && { headingDeg }),
    with: { ...changes, loadLeftPct, pelvisYawDeg, trunk, arms, ...bend },
  }
}
