import type { PieceDocument } from '@/formats/lesson-document'
import type { RoutineDocument } from '@/formats/routine-document'

/** What comes before what, over months: each asks for the one before it. */
export const STAGES = ['standing', 'stepping', 'backward', 'turning', 'one-foot'] as const
export type Stage = (typeof STAGES)[number]

/** What a piece stresses: what was stressed last week rests this week. */
export const STRESSES = ['thighs', 'arms', 'turns', 'steps', 'one-foot', 'waist'] as const
export type Stress = (typeof STRESSES)[number]

const BACK = ['back-step', 'repulse-monkey']
const ONE = ['one-leg', 'heel-kick', 'golden-rooster']
const STILL = ['parallel', 'heels-together', 'horse', 'half-horse', 'seated', 'closing', 'press', 'push', 'roll-back']
const LOW = ['drop', 'snake-creeps', 'horse', 'half-horse']
const HIGH_ARMS = ['white-crane', 'fair-lady', 'wild-horse', 'single-whip', 'cloud-hands']

const TURNED_DEG = 45

const stageOf = (posture: string): Stage =>
  ONE.includes(posture)
    ? 'one-foot'
    : BACK.includes(posture)
      ? 'backward'
      : STILL.includes(posture)
        ? 'standing'
        : 'stepping'

const later = (a: Stage, b: Stage): Stage => (STAGES.indexOf(a) >= STAGES.indexOf(b) ? a : b)

/** How far along a piece is: by the furthest thing in it. */
export function stageOfPiece(piece: PieceDocument, routineOf: (id: string) => RoutineDocument | null): Stage {
  switch (piece.kind) {
    case 'exercise':
      return piece.exercise === 'one-foot' ? 'one-foot' : 'standing'
    case 'posture':
    case 'fault':
      return piece.limbs === 'arms' ? 'standing' : stageOf(piece.posture as string)
    case 'transition':
      return later(stageOf(piece.posture as string), stageOf(piece.to as string))
    case 'routine':
      return stageOfRoutine(routineOf(piece.routine as string))
    default:
      return 'standing'
  }
}

function stageOfRoutine(routine: RoutineDocument | null): Stage {
  let heading = 0
  let stage: Stage = 'standing'
  for (const { posture = 'parallel', headingDeg } of routine?.parts ?? []) {
    if (posture !== 'seated') stage = later(stage, stageOf(posture))
    const turned = Math.abs((headingDeg ?? heading) - heading) >= TURNED_DEG
    if (turned) stage = later(stage, 'turning')
    heading = headingDeg ?? heading
  }
  return stage
}

/** What a piece stresses. */
export function stressesOf(piece: PieceDocument, routineOf: (id: string) => RoutineDocument | null): Stress[] {
  const stage = stageOfPiece(piece, routineOf)
  const { kind, limbs = 'both', posture = '', exercise } = piece
  if (kind === 'rest' || kind === 'talk') return []
  const found = new Set<Stress>()
  if (stage === 'one-foot') found.add('one-foot')
  if (stage === 'turning') found.add('turns')
  if (stage === 'stepping' || stage === 'backward') found.add('steps')
  if (
    limbs !== 'legs' &&
    (exercise === 'arms' || exercise === 'arm-circles' || limbs === 'arms' || HIGH_ARMS.includes(posture))
  )
    found.add('arms')
  if (exercise === 'waist') found.add('waist')
  if (LOW.includes(posture) || exercise === 'rise' || exercise === 'back-to-front') found.add('thighs')
  return [...found]
}

/** In how many lessons a group must have practised a stage before the next one. */
const LESSONS_BEFORE = 2

/** The furthest stage that a group is ready for, by the pieces of the lessons that it had. */
export function findReady(
  lessons: readonly (readonly PieceDocument[])[],
  routineOf: (id: string) => RoutineDocument | null,
): Stage {
  let ready: Stage = 'standing'
  for (const [i, stage] of STAGES.entries()) {
    const had = lessons.filter((pieces) => pieces.some((piece) => stageOfPiece(piece, routineOf) === stage)).length
    if (had < LESSONS_BEFORE) break
    ready = STAGES[Math.min(i + 1, STAGES.length - 1)] as Stage
  }
  return ready
}

export const isTooEarly = (stage: Stage, ready: Stage): boolean => STAGES.indexOf(stage) > STAGES.indexOf(ready)
