import { type Posture, postureOf, type Traits, traitsOf } from '@/core'
import type { PieceDocument } from '@/documents/lesson-document'
import type { RoutineDocument } from '@/documents/routine-document'

/** What comes before what, over months: each asks for the one before it. */
export const STAGES = ['standing', 'stepping', 'backward', 'turning', 'one-foot'] as const
export type Stage = (typeof STAGES)[number]

/** What a piece stresses: what was stressed last week rests this week. */
export const STRESSES = ['thighs', 'arms', 'turns', 'steps', 'one-foot', 'waist'] as const
export type Stress = (typeof STRESSES)[number]

const TURNED_DEG = 45

/** What pieces are made of: routines by their ids, and what the postures of a house ask, whatever they are called. */
export type Known = { routineOf: (id: string) => RoutineDocument | null; traitsOf: (posture: string) => Traits }

/** The traits of a house's postures; what is not there any more counts as a step ahead. */
export function knowTraits(postures: readonly Posture[]): Known['traitsOf'] {
  const known = new Map(postures.map(({ id, measures }) => [id, traitsOf(measures.therapeutic)]))
  const step = traitsOf(postureOf('bow').measures.therapeutic)
  return (posture) => known.get(posture) ?? step
}

const stageOf = ({ oneLeg, stepsBack, central }: Traits): Stage =>
  oneLeg ? 'one-foot' : stepsBack ? 'backward' : central ? 'standing' : 'stepping'

const later = (a: Stage, b: Stage): Stage => (STAGES.indexOf(a) >= STAGES.indexOf(b) ? a : b)

/** How far along a piece is: by the furthest thing in it. */
export function stageOfPiece(piece: PieceDocument, known: Known): Stage {
  if (piece.limbs === 'seated') return 'standing'
  switch (piece.kind) {
    case 'exercise':
      return piece.exercise === 'one-foot' ? 'one-foot' : 'standing'
    case 'posture':
    case 'fault':
      return piece.limbs === 'arms' ? 'standing' : stageOf(known.traitsOf(piece.posture as string))
    case 'transition':
      return later(stageOf(known.traitsOf(piece.posture as string)), stageOf(known.traitsOf(piece.to as string)))
    case 'routine':
      return stageOfRoutine(known.routineOf(piece.routine as string), known)
    default:
      return 'standing'
  }
}

function stageOfRoutine(routine: RoutineDocument | null, { traitsOf: traits }: Known): Stage {
  let heading = 0
  let stage: Stage = 'standing'
  for (const { posture = 'parallel', headingDeg } of routine?.parts ?? []) {
    if (posture !== 'seated') stage = later(stage, stageOf(traits(posture)))
    const turned = Math.abs((headingDeg ?? heading) - heading) >= TURNED_DEG
    if (turned) stage = later(stage, 'turning')
    heading = headingDeg ?? heading
  }
  return stage
}

/** What a piece stresses. */
export function stressesOf(piece: PieceDocument, known: Known): Stress[] {
  const stage = stageOfPiece(piece, known)
  const { kind, limbs = 'both', posture, exercise } = piece
  if (kind === 'rest' || kind === 'talk' || limbs === 'seated') return []
  const traits = posture === undefined ? null : known.traitsOf(posture)
  const found = new Set<Stress>()
  if (stage === 'one-foot') found.add('one-foot')
  if (stage === 'turning') found.add('turns')
  if (stage === 'stepping' || stage === 'backward') found.add('steps')
  if (limbs !== 'legs' && (exercise === 'arms' || exercise === 'arm-circles' || limbs === 'arms' || traits?.armsHigh))
    found.add('arms')
  if (exercise === 'waist') found.add('waist')
  if (traits?.low || exercise === 'rise' || exercise === 'back-to-front') found.add('thighs')
  return [...found]
}

/** In how many lessons a group must have practised a stage before the next one. */
const LESSONS_BEFORE = 2

/** The furthest stage that a group is ready for, by the pieces of the lessons that it had. */
export function findReady(lessons: readonly (readonly PieceDocument[])[], known: Known): Stage {
  let ready: Stage = 'standing'
  for (const [i, stage] of STAGES.entries()) {
    const had = lessons.filter((pieces) => pieces.some((piece) => stageOfPiece(piece, known) === stage)).length
    if (had < LESSONS_BEFORE) break
    ready = STAGES[Math.min(i + 1, STAGES.length - 1)] as Stage
  }
  return ready
}

export const isTooEarly = (stage: Stage, ready: Stage): boolean => STAGES.indexOf(stage) > STAGES.indexOf(ready)
