import { temporal } from 'zundo'
import { create } from 'zustand'
import type { RoutineDocument } from '@/documents/routine-document'

/** The routine that is open. */
export type OnPath = {
  id: string
  routine: RoutineDocument
  /** Counts what was opened: that is no change of it. */
  opened: number
}

export const useRoutine = create<OnPath>()(
  temporal(
    (): OnPath => ({ id: '', opened: 0, routine: { parts: [{ posture: 'parallel' }, { posture: 'parallel' }] } }),
    {
      partialize: ({ routine }) => ({ routine }),
      equality: (a, b) => a.routine === b.routine,
      limit: 200,
    },
  ),
)

const { getState, setState, temporal: history } = useRoutine

/** Another routine is opened: undo never brings back what was before it. */
export function openRoutine(id: string, routine: RoutineDocument): void {
  setState(({ opened }) => ({ id, routine, opened: opened + 1 }))
  history.getState().clear()
}

export const editRoutine = (edit: (routine: RoutineDocument) => RoutineDocument): void =>
  setState(({ routine }) => ({ routine: edit(routine) }))

export const undo = (): void => history.getState().undo()
export const redo = (): void => history.getState().redo()

let before: RoutineDocument | null = null

/** Between these two, changes are one step for undo. */
export function beginDrag(): void {
  before = getState().routine
  history.getState().pause()
}

export function endDrag(): void {
  if (!before) return
  const { routine } = getState()
  setState({ routine: before })
  history.getState().resume()
  setState({ routine })
  before = null
}
