import { useStore } from 'zustand'
import { useRoutine } from './store'

export function useHistory(): { canUndo: boolean; canRedo: boolean } {
  const canUndo = useStore(useRoutine.temporal, (state) => state.pastStates.length > 0)
  const canRedo = useStore(useRoutine.temporal, (state) => state.futureStates.length > 0)
  return { canUndo, canRedo }
}
