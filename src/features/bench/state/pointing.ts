import { create } from 'zustand'

/** Which place a finding is about, while it is pointed at: "left knee", "balance". */
export const usePointing = create<{ where: string | null }>()(() => ({ where: null }))

export function pointAt(where: string | null): void {
  usePointing.setState({ where })
}
