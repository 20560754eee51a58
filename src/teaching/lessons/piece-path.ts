import { type Body, DEG, makePath, type Path } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import type { DoneAs } from '@/documents/log-document'
import { giveForms } from '../given'
import { type Makings, pieceRoutine } from './piece-routine'
import { partsOf, workPiece } from './work-piece'

/** Intervals of a phase: what is largest on a way is asked, not when. */
const SAMPLES = 10
const WALKS: ReadonlySet<DoneAs> = new Set(['taught', 'own', 'chair', 'steps'])

/** The path of one round of a piece as somebody does it; null where they do not walk it so, or nothing is walked. */
export function piecePath(
  body: Body,
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  ways: HouseWays,
): Path | null {
  const routine = pieceRoutine(piece, lesson, makings)
  const { as, part } = workPiece(body, piece, lesson, makings, ways)
  if (!routine || !WALKS.has(as)) return null
  const scale = piece.kind === 'exercise' ? 1 : part
  const parts = partsOf(body, giveForms(routine, makings.formOf).routine, makings, ways, {
    scale,
    by: -(piece.higherDeg ?? 0) * DEG,
  })
  return parts && makePath(body, parts, SAMPLES, 'verdicts')
}
