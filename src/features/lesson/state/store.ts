import { temporal } from 'zundo'
import { create } from 'zustand'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'

/** The lesson that is open, by its group and day. */
type OnLesson = { place: string; lesson: LessonDocument; opened: number; chosen: string | null }

export const EMPTY: LessonDocument = { minutes: 50, aim: 'way-back', school: 'therapeutic', fading: true, pieces: [] }

export const useLesson = create<OnLesson>()(
  temporal((): OnLesson => ({ place: '', lesson: EMPTY, opened: 0, chosen: null }), {
    partialize: ({ lesson }) => ({ lesson }),
    equality: (a, b) => a.lesson === b.lesson,
    limit: 200,
  }),
)

const { getState, setState, temporal: history } = useLesson

/** Another lesson is opened: undo never brings back what was before it. */
export function openLesson(place: string, lesson: LessonDocument): void {
  setState(({ opened }) => ({ place, lesson, opened: opened + 1, chosen: null }))
  history.getState().clear()
}

export const editLesson = (edit: (lesson: LessonDocument) => LessonDocument): void =>
  setState(({ lesson }) => ({ lesson: edit(lesson) }))

export const choosePiece = (chosen: string | null): void => setState({ chosen })

export const undo = (): void => history.getState().undo()
export const redo = (): void => history.getState().redo()

let before: LessonDocument | null = null

/** Between these two, changes are one step for undo. */
export function beginDrag(): void {
  before = getState().lesson
  history.getState().pause()
}

export function endDrag(): void {
  if (!before) return
  const { lesson } = getState()
  setState({ lesson: before })
  history.getState().resume()
  setState({ lesson })
  before = null
}

export const editPiece = (id: string, change: Partial<PieceDocument>): void =>
  editLesson((lesson) => ({
    ...lesson,
    pieces: lesson.pieces.map((piece) => (piece.id === id ? { ...piece, ...change } : piece)),
  }))
