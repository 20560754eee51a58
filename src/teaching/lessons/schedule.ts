import { HALF_BREATH_S, type RoutineDocument } from '@/documents/routine-document'

/** A stretch of a round: a half breath, or a hold, and the part that it leads to or is held in. */
export type Beat = { kind: 'in' | 'out' | 'free' | 'hold'; startS: number; seconds: number; part: number }

/** A round beat by beat, as the path of its routine has it: halves of a breath, and holds. */
export function listBeats({ parts, tempo }: RoutineDocument): Beat[] {
  const half = tempo?.halfBreathS ?? HALF_BREATH_S
  const beats: Beat[] = []
  let startS = 0
  const add = (kind: Beat['kind'], seconds: number, part: number) => {
    if (seconds <= 0) return
    beats.push({ kind, startS, seconds, part })
    startS += seconds
  }
  parts.forEach(({ seconds, holdS = 0, breath = 'free' }, i) => {
    const halves =
      breath === 'in-out' ? (['in', 'out'] as const) : breath === 'out-in' ? (['out', 'in'] as const) : [breath]
    const long = seconds ?? (i === 0 ? 0 : half * halves.length)
    for (const one of halves) add(one as Beat['kind'], long / halves.length, i)
    add('hold', holdS, i)
  })
  return beats
}

/** The beat at a second of a round; null of a round without any. */
export const beatAt = (beats: readonly Beat[], atS: number): Beat | null =>
  beats.findLast(({ startS }) => startS <= atS + 1e-9) ?? beats[0] ?? null
