import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import { type FloorLook, PLAIN_LOOK } from '@/ui/floor/stage/hands'

/** How the floor is looked at; kept in the browser, not with anybody's data. */
export const useFloorView = create<FloorLook>()(
  persist((): FloorLook => PLAIN_LOOK, {
    name: 'nivrel.floor',
    partialize: ({ rose, tips, lines, unit }) => ({ rose, tips, lines, unit }),
  }),
)

export function changeFloorView(change: Partial<FloorLook>): void {
  useFloorView.setState(change)
}

export function fitFloor(): void {
  useFloorView.setState(({ fits }) => ({ fits: fits + 1 }))
}
