import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import type { LengthUnit } from '@/ui/words/units'

/** How the floor is looked at; kept in the browser, not with anybody's data. */
type FloorView = {
  rose: boolean
  lines: boolean
  unit: LengthUnit
  /** Counts the times that the floor was asked to fit anew. */
  fits: number
}

export const useFloorView = create<FloorView>()(
  persist((): FloorView => ({ rose: false, lines: false, unit: 'cm', fits: 0 }), {
    name: 'nivrel.floor',
    partialize: ({ rose, lines, unit }) => ({ rose, lines, unit }),
  }),
)

export function changeFloorView(change: Partial<FloorView>): void {
  useFloorView.setState(change)
}

export function fitFloor(): void {
  useFloorView.setState(({ fits }) => ({ fits: fits + 1 }))
}
