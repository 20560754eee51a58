import { create } from 'zustand'

/** Where a lesson is: the piece that is on, since when, how long of that was waited; milliseconds of the machine's clock. */
export type Clock = {
  at: number
  beganAt: number
  /** When waiting began; null while it goes. */
  waitingSince: number | null
  waitedMs: number
  /** When the lesson began; null before. */
  lessonBeganAt: number | null
  /** A part of the round that is looped; null: all of it. */
  loop: number | null
  over: boolean
}

const STILL: Clock = {
  at: 0,
  beganAt: 0,
  waitingSince: null,
  waitedMs: 0,
  lessonBeganAt: null,
  loop: null,
  over: false,
}

export const useClock = create<Clock>(() => STILL)

const KEY = 'nivrel.teaching'
type Kept = { place: string; clock: Clock }

/** A page that is loaded again goes on where it was. Only the same day's lesson does. */
export function openClock(place: string): void {
  const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Kept | null
  useClock.setState(kept?.place === place && !kept.clock.over ? kept.clock : STILL)
}

export const keepClock = (place: string): (() => void) =>
  useClock.subscribe((clock) => localStorage.setItem(KEY, JSON.stringify({ place, clock })))

/** Milliseconds that the piece has run. */
export const elapsedMs = ({ beganAt, waitedMs, waitingSince, lessonBeganAt }: Clock, now: number): number =>
  lessonBeganAt === null ? 0 : Math.max(0, (waitingSince ?? now) - beganAt - waitedMs)

export const begin = (now: number): void => useClock.setState({ ...STILL, lessonBeganAt: now, beganAt: now })

/** To another piece; past the last the lesson is over. */
export function goTo(at: number, count: number, now: number): void {
  if (at < 0) return
  if (at >= count) useClock.setState({ over: true, waitingSince: now })
  else useClock.setState({ at, beganAt: now, waitedMs: 0, waitingSince: null, loop: null, over: false })
}

export function wait(now: number): void {
  const { waitingSince, waitedMs } = useClock.getState()
  useClock.setState(
    waitingSince === null ? { waitingSince: now } : { waitingSince: null, waitedMs: waitedMs + now - waitingSince },
  )
}

export const loopPart = (part: number | null): void => useClock.setState({ loop: part })
