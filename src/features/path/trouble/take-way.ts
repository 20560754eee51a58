import type { SaferWay } from '@/core'
import { setPlay } from '../state/play'
import { editRoutine } from '../state/store'
import { takeSafer } from '../state/take'

/** Puts a safer way to a part into the routine. */
export function takeWay(at: number, one: SaferWay): void {
  editRoutine((routine) => takeSafer(routine, at, one))
  setPlay({ preview: null })
}
