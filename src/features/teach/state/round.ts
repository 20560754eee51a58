import type { RoutineDocument } from '@/documents/routine-document'
import { type Beat, beatAt, listBeats } from '@/teaching/lessons/schedule'

/** Where a round is at a moment: which round, the second of it, the beat and how far through. */
export type Now = { round: number; atS: number; beat: Beat | null; through: number }

export type Round = { routine: RoutineDocument; beats: Beat[]; seconds: number }

export function makeRound(routine: RoutineDocument): Round {
  const beats = listBeats(routine)
  return { routine, beats, seconds: beats.reduce((sum, { seconds }) => sum + seconds, 0) }
}

/** Rounds follow on each other; a part that is looped comes again and again instead. */
export function readRound({ beats, seconds }: Round, elapsedS: number, loop: number | null): Now {
  const looped = loop === null ? [] : beats.filter(({ part }) => part === loop)
  const from = looped[0]?.startS ?? 0
  const long = looped.length > 0 ? looped.reduce((sum, one) => sum + one.seconds, 0) : seconds
  if (!(long > 0)) return { round: 1, atS: 0, beat: null, through: 0 }
  const atS = from + (elapsedS % long)
  const beat = beatAt(beats, atS)
  return {
    round: Math.floor(elapsedS / long) + 1,
    atS,
    beat,
    through: beat ? Math.min(1, (atS - beat.startS) / beat.seconds) : 0,
  }
}

/** Who is up at a second of a hold: each at their own limit, the longest last. */
export const listReleased = <P extends { holdMaxS: number | null }>(people: readonly P[], heldS: number): P[] =>
  people
    .filter(({ holdMaxS }) => holdMaxS !== null && heldS >= holdMaxS)
    .sort((a, b) => (a.holdMaxS as number) - (b.holdMaxS as number))
