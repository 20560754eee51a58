import { create } from 'zustand'
import type { Way } from '@/core'

export const SPEEDS = [1, 0.5, 0.25] as const
export const LOOKS = ['front', 'side', 'behind', 'above'] as const
export type Look = (typeof LOOKS)[number]

/** Where the routine is looked at, and how it is played: the one cursor of floor, ribbon and body. */
type Play = {
  /** Seconds from the routine's start. */
  at: number
  playing: boolean
  speed: (typeof SPEEDS)[number]
  /** Only the way to the part that is open, again and again. */
  loop: boolean
  look: Look
  mirrored: boolean
  /** The part whose way there is opened, the first of all has none; null: the whole routine. */
  open: number | null
  /** A safer way that is pointed at, shown over the one that is open. */
  preview: Way | null
}

export const usePlay = create<Play>(() => ({
  at: 0,
  playing: false,
  speed: 1,
  loop: false,
  look: 'behind',
  mirrored: false,
  open: null,
  preview: null,
}))

export const setPlay = (change: Partial<Play>): void => usePlay.setState(change)

/** Goes to an instant; whoever goes there by hand wants to see it still. */
export const goTo = (at: number): void => usePlay.setState({ at: Math.max(0, at), playing: false })
