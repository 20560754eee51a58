import { goTo, setPlay } from '../state/play'
import type { Trouble } from './list-troubles'

/** Goes to where it happens, and opens the way that it happens on. */
export function showTrouble({ atS, part }: Trouble): void {
  goTo(atS)
  setPlay({ open: part > 0 ? part : null })
}
