import { useMemo } from 'react'
import { type Body, makePath, type RoutinePart, type ShownPath, type Stance, showPath } from '@/core'
import { SAMPLES } from './use-walk'

/** The way to one part by itself, from where the part before is stood; in a room of its own. */
export function walkStep(body: Body, before: RoutinePart, stood: Stance | null, part: RoutinePart): ShownPath {
  const from = { ...before, seconds: 0, hold: 0, at: undefined, ...(stood && { stance: withoutPlace(stood) }) }
  const parts = [from, { ...part, hold: 0 }]
  return showPath(makePath(body, parts, SAMPLES), parts)
}

const withoutPlace = ({ at: _, ...stance }: Stance): Stance => stance

/** Answered at once, on the page itself: what is dragged waits for nobody. */
export function useStep(body: Body, parts: readonly RoutinePart[], path: ShownPath, at: number): ShownPath | null {
  const [before, part] = [parts[at - 1], parts[at]]
  const stood = path.parts[at - 1]?.error ? null : (path.parts[at - 1]?.stance ?? null)
  return useMemo(() => (before && part ? walkStep(body, before, stood, part) : null), [body, before, stood, part])
}
