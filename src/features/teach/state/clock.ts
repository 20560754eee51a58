import { create } from 'zustand'
import { LOCAL, readJson } from '@/ui/api/shelf'

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
  /** Seconds that each piece was taught, by its place. */
  taughtS: Readonly<Record<number, number>>
}

const STILL: Clock = {
  at: 0,
  beganAt: 0,
  waitingSince: null,
  waitedMs: 0,
  lessonBeganAt: null,
  loop: null,
  over: false,
  taughtS: {},
}

export const useClock = create<Clock>(() => STILL)

const KEY = 'nivrel.teaching'
type Kept = { place: string; clock: Clock }

/** A page that is loaded again goes on where it was: with the same day's lesson, as far as that piece is there still. */
export function openClock(place: string, count: number): void {
  const kept = readJson<Kept>(LOCAL, KEY)
  const goesOn = kept?.place === place && !kept.clock.over && kept.clock.at < count
  useClock.setState(goesOn ? { ...STILL, ...kept.clock } : STILL)
}

export const keepClock = (place: string): (() => void) =>
  useClock.subscribe((clock) => LOCAL.write(KEY, JSON.stringify({ place, clock })))

/** Milliseconds that the piece has run. */
export const elapsedMs = ({ beganAt, waitedMs, waitingSince, lessonBeganAt }: Clock, now: number): number =>
  lessonBeganAt === null ? 0 : Math.max(0, (waitingSince ?? now) - beganAt - waitedMs)

export const begin = (now: number): void => useClock.setState({ ...STILL, lessonBeganAt: now, beganAt: now })

/** Writes down how long the piece that is on was taught; seconds of all until now. */
export function markTaught(now: number): Clock['taughtS'] {
  const clock = useClock.getState()
  const taughtS = { ...clock.taughtS, [clock.at]: elapsedMs(clock, now) / 1000 }
  useClock.setState({ taughtS })
  return taughtS
}

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
