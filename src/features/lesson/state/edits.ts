import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'

const LEAST_MINUTES = 1
const MOST_MINUTES = 120

const setPieces = (lesson: LessonDocument, pieces: PieceDocument[]): LessonDocument => ({ ...lesson, pieces })

/** A piece at another place of the tape. */
export function movePiece(lesson: LessonDocument, id: string, to: number): LessonDocument {
  const from = lesson.pieces.findIndex((piece) => piece.id === id)
  if (from < 0) return lesson
  const at = Math.min(lesson.pieces.length - 1, Math.max(0, to))
  const pieces = [...lesson.pieces]
  const [moved] = pieces.splice(from, 1)
  pieces.splice(at, 0, moved as PieceDocument)
  return setPieces(lesson, pieces)
}

/** A piece with more or fewer minutes, whole ones; the others keep theirs. */
export const setMinutes = (lesson: LessonDocument, id: string, minutes: number): LessonDocument =>
  setPieces(
    lesson,
    lesson.pieces.map((piece) =>
      piece.id === id
        ? { ...piece, minutes: Math.min(MOST_MINUTES, Math.max(LEAST_MINUTES, Math.round(minutes))) }
        : piece,
    ),
  )

export const removePiece = (lesson: LessonDocument, id: string): LessonDocument =>
  setPieces(
    lesson,
    lesson.pieces.filter((piece) => piece.id !== id),
  )

/** Puts a piece after another, or at the end. */
export function addAfter(lesson: LessonDocument, after: string | null, piece: PieceDocument): LessonDocument {
  const at = lesson.pieces.findIndex(({ id }) => id === after)
  return setPieces(lesson, lesson.pieces.toSpliced(at < 0 ? lesson.pieces.length : at + 1, 0, piece))
}

/** The same once more after it, or its mirror. */
export function doublePiece(lesson: LessonDocument, id: string, newId: string, mirrored: boolean): LessonDocument {
  const piece = lesson.pieces.find((one) => one.id === id)
  if (!piece) return lesson
  const side = piece.side === 'left' ? ('right' as const) : piece.side === 'right' ? ('left' as const) : piece.side
  return addAfter(lesson, id, { ...piece, id: newId, ...(mirrored && side && { side }) })
}

/** Half of a piece torn off: two pieces of what was one. */
export function tearPiece(lesson: LessonDocument, id: string, newId: string): LessonDocument {
  const piece = lesson.pieces.find((one) => one.id === id)
  if (!piece || piece.minutes < 2) return lesson
  const half = Math.floor(piece.minutes / 2)
  return addAfter(setMinutes(lesson, id, piece.minutes - half), id, { ...piece, id: newId, minutes: half })
}

export const sumMinutes = ({ pieces }: LessonDocument): number =>
  Math.round(pieces.reduce((sum, { minutes }) => sum + minutes, 0) * 10) / 10
