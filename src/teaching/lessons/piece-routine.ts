import { ARM_PRESETS, type Arm, DEG, otherSide, type SchoolId, traitsOf } from '@/core'
import type { Fault, LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { mirrorPart } from '@/documents/mirror-part'
import {
  type ChangesDocument,
  type FindPosture,
  HALF_BREATH_S,
  type PartDocument,
  type RoutineDocument,
} from '@/documents/routine-document'
import { exerciseParts, isOneFootAhead, usualRange } from '@/documents/routines/exercises'
import type { Given } from '../given'

type Side = 'left' | 'right'

const toArm = ({ elevation, opening, elbow, elbowInward }: Arm) => ({
  elevationDeg: elevation / DEG,
  openingDeg: opening / DEG,
  elbowDeg: elbow / DEG,
  elbowInwardDeg: (elbowInward ?? 0) / DEG,
})

/** Hands low: legs alone. */
const STILL_ARMS = { left: toArm(ARM_PRESETS.down.left), right: toArm(ARM_PRESETS.down.right) }

/** What is done otherwise than right, where a fault is shown beside its mending. */
export const FAULTY: Record<Fault, ChangesDocument> = {
  'past-toes': { height: { kneeFlexionDeg: 55 }, trunk: { pitchDeg: 0 } },
  'one-line': {},
  locked: { height: { kneeFlexionDeg: 2 } },
  'lean-back': { trunk: { pitchDeg: -12 } },
  'too-low': { height: { kneeFlexionDeg: 70 } },
}

const HOLD_S = 5
/** How an exercise grows where it says nothing else: percent of one's own whole way, from the first round to the last. */
export const EXERCISE = { fromPct: 40, toPct: 100, seconds: 4, sets: 2 }
export function rangeOf({ exercise, fromPct, toPct }: Pick<PieceDocument, 'exercise' | 'fromPct' | 'toPct'>) {
  const usual = exercise ? usualRange(exercise, EXERCISE) : EXERCISE
  return { fromPct: fromPct ?? usual.fromPct, toPct: toPct ?? usual.toPct }
}

/** What a piece is made of: the routines and postures that it names, and the form in which somebody stands one. */
export type Makings = {
  routineOf: (id: string) => RoutineDocument | null
  find: FindPosture
  /** What somebody does in place of a posture as it is taught; null where that is what they do. */
  formOf: (posture: string, side: Side, school: SchoolId) => Given | null
}

/** The sides of a piece, in order. */
export const sidesOf = ({ side = 'both' }: PieceDocument): readonly Side[] =>
  side === 'both' ? ['left', 'right'] : [side]

/**
 * One round of a piece as a routine: what everybody does, in the form that somebody stands it in. Null for what asks
 * nothing of the legs: a rest, or talk.
 */
export function pieceRoutine(
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
): RoutineDocument | null {
  if (piece.limbs !== 'seated') return standingRoutine(piece, lesson, makings)
  const arms = standingRoutine({ ...piece, limbs: 'arms' }, lesson, makings)
  return arms && seatedRoutine(arms)
}

function standingRoutine(
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
): RoutineDocument | null {
  const { halfBreathS = HALF_BREATH_S, school = 'therapeutic' } = lesson
  const about = { school, tempo: { halfBreathS } }
  const limbs = piece.limbs ?? 'both'
  switch (piece.kind) {
    case 'rest':
    case 'talk':
      return null
    case 'routine': {
      const routine = makings.routineOf(piece.routine as string)
      return routine && limbs === 'legs' ? { ...routine, parts: routine.parts.map(withStillArms) } : routine
    }
    case 'exercise': {
      const { holdS = 0, seconds = halfBreathS } = piece
      const id = piece.exercise as NonNullable<PieceDocument['exercise']>
      const parts = exerciseParts({
        id,
        counts: 1,
        sets: id === 'rise' ? 1 : EXERCISE.sets,
        ...rangeOf(piece),
        seconds,
        holdS,
      })
      return { ...about, parts: [{ posture: parts.at(-1)?.posture ?? 'parallel', side: 'left' }, ...parts] }
    }
    case 'transition':
      return { ...about, parts: [stand(), ...sidesOf(piece).flatMap((side) => fromTo(piece, side, school, makings))] }
    case 'posture':
    case 'fault':
      return {
        ...about,
        parts: [
          stand(),
          ...sidesOf(piece).flatMap((side): PartDocument[] => [
            limbs === 'arms'
              ? armsAlone(piece, side, school, makings)
              : held(piece, side, school, makings, limbs === 'legs'),
            {
              ...stand(),
              ...(limbs !== 'arms' && anchorOf(piece.posture as string, side, school, makings)),
              breath: 'out',
            },
          ]),
        ],
      }
  }
}

/**
 * The rounds of a piece that are done alike often: one, that has both sides in it; or one with either foot ahead, for an
 * exercise that keeps one there.
 */
export function pieceRounds(
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
): RoutineDocument[] {
  const left = pieceRoutine(piece, lesson, makings)
  if (!left) return []
  if (piece.kind !== 'exercise' || !piece.exercise || !isOneFootAhead(piece.exercise)) return [left]
  const right = { ...left, parts: left.parts.map(mirrorPart) }
  return sidesOf(piece).map((side) => (side === 'left' ? left : right))
}

/**
 * The foot that stays on the way out, and so on the way back: a foot that was set ahead comes back. Where neither is
 * ahead, or the weight stays about the middle, either may stay.
 */
function anchorOf(posture: string, side: Side, school: SchoolId, { find }: Makings): Pick<PartDocument, 'anchor'> {
  const { level, central, stepsBack } = traitsOf(find(posture).measures[school])
  return level || central ? {} : { anchor: stepsBack ? side : otherSide(side) }
}

const stand = (): PartDocument => ({ posture: 'parallel', side: 'left' })

const withStillArms = (part: PartDocument): PartDocument => ({ ...part, with: { ...part.with, arms: STILL_ARMS } })

const standIn = (posture: string, side: Side, school: SchoolId, makings: Makings): PartDocument => {
  const form = makings.formOf(posture, side, school)?.stance
  const anchor = anchorOf(posture, side, school, makings)
  return { ...(form ? { stance: form } : { posture }), side, breath: 'in-out', ...anchor }
}

function held(
  { posture, holdS = HOLD_S }: PieceDocument,
  side: Side,
  school: SchoolId,
  makings: Makings,
  still: boolean,
): PartDocument {
  const part = { ...standIn(posture as string, side, school, makings), holdS }
  return still ? withStillArms(part) : part
}

/** The arms of a posture, standing at ease. */
function armsAlone(
  { posture, holdS = 0, seconds }: PieceDocument,
  side: Side,
  school: SchoolId,
  { find }: Makings,
): PartDocument {
  const { ownArm, otherArm } = find(posture as string).measures[school]
  const arms = { [side]: toArm(ownArm), [otherSide(side)]: toArm(otherArm) } as ChangesDocument['arms']
  return { ...stand(), breath: 'in', ...(seconds && { seconds }), ...(holdS > 0 && { holdS }), with: { arms } }
}

function fromTo(
  { posture, to, holdS = 0 }: PieceDocument,
  side: Side,
  school: SchoolId,
  makings: Makings,
): PartDocument[] {
  const at = (id: string) => ({ ...standIn(id, side, school, makings), ...(holdS > 0 && { holdS }) })
  const [first, next] = [posture as string, to as string]
  return [at(first), at(next), at(first), { ...stand(), ...anchorOf(first, side, school, makings), breath: 'out' }]
}

/** The same, sitting: arms and trunk alone. */
export const seatedRoutine = (routine: RoutineDocument): RoutineDocument => ({
  ...routine,
  parts: routine.parts.map(({ seconds, holdS, breath, with: { arms, trunk } = {} }) => ({
    posture: 'seated',
    ...(seconds !== undefined && { seconds }),
    ...(holdS !== undefined && { holdS }),
    ...(breath && { breath }),
    ...((arms || trunk) && { with: { ...(arms && { arms }), ...(trunk && { trunk }) } }),
  })),
})

/** Seconds of one round. */
export const roundSeconds = (routine: RoutineDocument): number => {
  const half = routine.tempo?.halfBreathS ?? HALF_BREATH_S
  return routine.parts.reduce(
    (sum, { seconds, holdS = 0, breath = 'free' }, i) =>
      sum + holdS + (seconds ?? (i === 0 ? 0 : half * (breath === 'in-out' || breath === 'out-in' ? 2 : 1))),
    0,
  )
}

/** How often a round is done in the minutes of a piece: whole rounds, one at least; or as often as it says. */
export const roundsOf = ({ counts, minutes }: PieceDocument, routine: RoutineDocument): number =>
  counts ?? Math.max(1, Math.floor((minutes * 60) / Math.max(1, roundSeconds(routine))))
