import { create } from 'zustand'
import type { Place } from '@/ui/figure/place'

/** Which place a finding is about, while it is pointed at. */
export const usePointing = create<{ at: Place | null }>()(() => ({ at: null }))

export function pointAt(at: Place | null): void {
  usePointing.setState({ at })
}
