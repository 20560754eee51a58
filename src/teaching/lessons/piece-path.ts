import { type Body, DEG, makePath, type Path } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import type { DoneAs } from '@/documents/log-document'
import { giveForms } from '../given'
import { type Makings, pieceRounds } from './piece-routine'
import { partsOf, workPiece } from './work-piece'

/** Intervals of a phase: what is largest on a way is asked, not when. */
const SAMPLES = 10
const WALKS: ReadonlySet<DoneAs> = new Set(['taught', 'own', 'chair', 'steps'])

/** The paths of the rounds of a piece as somebody does it; none where they do not walk it so, or nothing is walked. */
export function piecePaths(
  body: Body,
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  ways: HouseWays,
): Path[] {
  const { as, part } = workPiece(body, piece, lesson, makings, ways)
  if (!WALKS.has(as)) return []
  const measure = { scale: piece.kind === 'exercise' ? 1 : part, by: -(piece.higherDeg ?? 0) * DEG }
  return pieceRounds(piece, lesson, makings).flatMap((routine) => {
    const parts = partsOf(body, giveForms(routine, makings.formOf).routine, makings, ways, measure)
    return parts ? [makePath(body, parts, SAMPLES, 'verdicts')] : []
  })
}
