import { startTransition, useEffect, useState } from 'react'
import type { RoutineDocument } from '@/documents/routine-document'
import { useRoutine } from './store'

/** The routine for all that may follow a little later: what is under a finger is answered before it. */
export function useCalmRoutine(): RoutineDocument {
  const [routine, setRoutine] = useState(useRoutine.getState().routine)
  useEffect(() => {
    setRoutine(useRoutine.getState().routine)
    return useRoutine.subscribe((now) => startTransition(() => setRoutine(now.routine)))
  }, [])
  return routine
}
