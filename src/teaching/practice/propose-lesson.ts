import type { Aim, PieceDocument } from '@/documents/lesson-document'
import { findReady, isTooEarly, type Known, type Stage, type Stress, stageOfPiece, stressesOf } from './stages'

/** What a lesson is proposed from. */
export type LessonWish = {
  minutes: number
  aim: Aim
  /** The pieces of the lessons that the group had, the last one last. */
  had: readonly (readonly PieceDocument[])[]
  known: Known
}

/** What each aim is worked at with: an exercise that prepares it, a posture, what is walked at the end. */
const WORK: Record<Aim, { exercise: PieceDocument['exercise']; posture: string; routines: string[] }> = {
  even: { exercise: 'side-to-side', posture: 'bow', routines: ['first-weeks', 'quay-four'] },
  'way-back': { exercise: 'back-to-front', posture: 'brush-knee', routines: ['quay-four', 'walk-out'] },
  'empty-step': { exercise: 'toe-taps', posture: 'empty-ball', routines: ['walk-out', 'along-the-rail'] },
  turning: { exercise: 'waist', posture: 'brush-knee', routines: ['quay-four', 'harbour-twelve'] },
  backward: { exercise: 'back-to-front', posture: 'back-step', routines: ['walk-home', 'walk-out'] },
  'one-foot': { exercise: 'one-foot', posture: 'white-crane', routines: ['one-foot', 'quay-four'] },
  arms: { exercise: 'arms', posture: 'ward-off', routines: ['quay-four', 'at-the-chair'] },
  flow: { exercise: 'side-to-side', posture: 'wild-horse', routines: ['quay-four', 'along-the-rail'] },
}

/** What may stand in for something that is too early, or was stressed last week. */
const CALM: PieceDocument['exercise'][] = ['side-to-side', 'arms', 'waist', 'heel-taps', 'arm-circles']
const STANDINGS = ['bow', 'push', 'press']
/** In a group's first lessons end positions are held, so that they are felt. */
const EARLY_LESSONS = 8
const EARLY_HOLD_S = 8
const HOLD_S = 4

/** Shares of an hour, in the order of the handbook: small and growing, legs, arms, both, flowing, cool-down; rests between. */
const SHARES = { arrive: 3, warm: 7, prepare: 6, legs: 6, rest: 2, arms: 5, both: 7, sit: 2, walk: 7, close: 5 }
const ALL = Object.values(SHARES).reduce((sum, one) => sum + one, 0)

/** A plan for an hour: proposed, never imposed. */
export function proposeLesson({ minutes, aim, had, known }: LessonWish): PieceDocument[] {
  const ready = findReady(had, known)
  const tired = new Set(had.at(-1)?.flatMap((piece) => stressesOf(piece, known)) ?? [])
  const early = had.length < EARLY_LESSONS
  const work = WORK[aim]
  const fits = (piece: PieceDocument) =>
    !isTooEarly(stageOfPiece(piece, known), ready) && isRested(piece, tired, known, aim)
  const pick = <T>(wanted: readonly T[], make: (one: T) => PieceDocument): PieceDocument =>
    make(wanted.find((one) => fits(make(one))) ?? (wanted.at(-1) as T))
  const exercise = (minutes: number, wanted: readonly PieceDocument['exercise'][], more: Partial<PieceDocument> = {}) =>
    pick(wanted, (one): PieceDocument => ({ id: '', kind: 'exercise', exercise: one, minutes, side: 'both', ...more }))
  const holdS = early ? EARLY_HOLD_S : HOLD_S
  const posture = (minutes: number, limbs: 'legs' | 'arms' | 'both'): PieceDocument =>
    pick([work.posture, ...STANDINGS, ...(limbs === 'arms' ? [] : ['parallel'])], (one) => ({
      id: '',
      kind: 'posture',
      posture: one,
      limbs,
      side: 'both',
      minutes,
      ...(limbs !== 'arms' && { holdS }),
      practised: limbs === 'legs' ? 'balance' : limbs === 'arms' ? 'walk-through' : 'whole',
    }))
  const pieces: [keyof typeof SHARES, (minutes: number) => PieceDocument][] = [
    ['arrive', (minutes) => ({ id: '', kind: 'talk', minutes })],
    ['warm', (minutes) => exercise(minutes, ['arms', 'arm-circles', 'heel-taps'], { fromPct: 30, toPct: 100 })],
    ['prepare', (minutes) => exercise(minutes, [work.exercise, ...CALM], { fromPct: 50, toPct: 100 })],
    ['legs', (minutes) => posture(minutes, 'legs')],
    ['rest', (minutes) => ({ id: '', kind: 'rest', minutes })],
    ['arms', (minutes) => posture(minutes, 'arms')],
    ['both', (minutes) => posture(minutes, 'both')],
    ['sit', (minutes) => ({ id: '', kind: 'rest', minutes })],
    [
      'walk',
      (minutes) =>
        pick(
          [...work.routines, 'first-weeks'],
          (routine): PieceDocument => ({ id: '', kind: 'routine', routine, minutes, paced: true }),
        ),
    ],
    ['close', (minutes) => exercise(minutes, ['waist', 'arm-circles'], { fromPct: 60, toPct: 30, paced: true })],
  ]
  const shared = shareMinutes(
    minutes,
    pieces.map(([key]) => SHARES[key]),
  )
  return pieces.map(([id, make], i) => ({ ...make(shared[i] as number), id }))
}

/** What was stressed last week is not stressed again, but for what the instructor wants to work at. */
const AIMED: Record<Aim, Stress[]> = {
  even: [],
  'way-back': ['thighs', 'steps'],
  'empty-step': ['steps'],
  turning: ['turns', 'waist'],
  backward: ['steps', 'thighs'],
  'one-foot': ['one-foot'],
  arms: ['arms'],
  flow: ['steps'],
}

const isRested = (piece: PieceDocument, tired: ReadonlySet<Stress>, known: Known, aim: Aim): boolean =>
  stressesOf(piece, known).every((stress) => !tired.has(stress) || AIMED[aim].includes(stress))

/** Whole minutes in proportion, one at least, that come to the whole. */
function shareMinutes(minutes: number, shares: readonly number[]): number[] {
  const shared = shares.map((share) => Math.max(1, Math.round((share / ALL) * minutes)))
  let over = shared.reduce((sum, one) => sum + one, 0) - minutes
  while (over !== 0) {
    // The longest gives or takes: what is short stays what it is.
    const at = shared.indexOf(Math.max(...shared))
    const by = over > 0 ? -1 : 1
    if (over > 0 && (shared[at] as number) <= 1) break
    shared[at] = (shared[at] as number) + by
    over += by
  }
  return shared
}

/** A piece that the group is not ready for yet. */
export type EarlyPiece = { piece: string; stage: Stage }

/** What comes too early, and what was stressed last week and is again, but for what the instructor works at. */
export function listWarnings(
  pieces: readonly PieceDocument[],
  aim: Aim | undefined,
  { had, known }: Pick<LessonWish, 'had' | 'known'>,
): { early: EarlyPiece[]; again: Stress[] } {
  const ready = findReady(had, known)
  const last = had.at(-1)?.flatMap((piece) => stressesOf(piece, known)) ?? []
  const now = new Set(pieces.flatMap((piece) => stressesOf(piece, known)))
  const aimed = aim ? AIMED[aim] : []
  return {
    early: pieces.flatMap((piece) => {
      const stage = stageOfPiece(piece, known)
      return isTooEarly(stage, ready) ? [{ piece: piece.id, stage }] : []
    }),
    again: [...new Set(last)].filter((stress) => now.has(stress) && !aimed.includes(stress)),
  }
}

/** Sides of a lesson: pieces that are done on one side only, which its mirror evens. */
export function findUneven(pieces: readonly PieceDocument[]): { side: 'left' | 'right'; piece: PieceDocument } | null {
  const sided = pieces.filter((piece) => piece.side === 'left' || piece.side === 'right')
  const minutes = (side: 'left' | 'right') =>
    sided.filter((piece) => piece.side === side).reduce((sum, piece) => sum + piece.minutes, 0)
  const difference = minutes('left') - minutes('right')
  if (Math.abs(difference) < 0.5) return null
  const side = difference > 0 ? 'left' : 'right'
  const piece = sided.findLast((one) => one.side === side)
  return piece ? { side, piece } : null
}
