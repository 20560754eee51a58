import { useMemo, useRef } from 'react'
import { type Body, makePath, type Plan, type RoutinePart, type ShownPath, type Side, showPath } from '@/core'
import { useRoutine } from './store'
import { type Decidee, type Library, SAMPLES, sizeRoutine } from './use-walk'

type StepProps = {
  path: ShownPath
  person: Decidee
  library: Library
  /** The whole routine, sized; its headings are the whole's. */
  parts: readonly RoutinePart[]
  at: number
}

/** What was done last, and what for: while a foot is dragged it is only done again. */
type Done = { key: string; plan: Plan; anchor: Side | null }

/**
 * The way to one part by itself, answered at once on the page itself: what is dragged waits for nobody. In a room of its
 * own, from where the part before is stood.
 */
export function useStep(
  body: Body,
  { path, person, library, parts, at }: StepProps,
  dragging: boolean,
): ShownPath | null {
  const live = useRoutine((on) => on.routine)
  const done = useRef<Done | null>(null)
  const stood = path.parts[at - 1]?.error ? null : (path.parts[at - 1]?.stance ?? null)
  return useMemo(() => {
    const [before, whole] = [parts[at - 1], parts[at]]
    const two = [live.parts[at - 1], live.parts[at]].filter((part) => part !== undefined)
    const sized = two.length === 2 ? sizeRoutine({ ...live, parts: two }, person, library).parts : null
    const part = sized?.[1]
    if (!before || !whole || !part) return null
    const { at: _, ...stance } = stood ?? before.stance
    const key = `${at} ${whole.stance.posture}`
    const known = dragging && done.current?.key === key ? done.current : null
    const asked = [
      { ...before, stance, seconds: 0, hold: 0, at: undefined },
      { ...part, heading: whole.heading, hold: 0, ...(known?.anchor && { anchor: known.anchor, plan: known.plan }) },
    ]
    const walked = makePath(body, asked, SAMPLES)
    const made = walked.transitions[0]?.made?.transition
    done.current = made ? { key, plan: made.plan, anchor: made.anchor } : null
    return showPath(walked, asked)
  }, [live, stood, parts, at, body, person, library, dragging])
}
