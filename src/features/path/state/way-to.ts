import type { RoutinePart, ShownPath, Side, Way } from '@/core'

/** The way to a part, from where the part before it stands. */
export function wayTo(
  path: ShownPath,
  parts: readonly RoutinePart[],
  at: number,
): { way: Way; anchor: Side | null } | null {
  const [before, part, stood] = [parts[at - 1], parts[at], path.parts[at - 1]]
  if (!before || !part || !stood) return null
  const { at: _, ...stance } = stood.stance
  const anchor = path.transitions[at - 1]?.anchor ?? null
  return { way: { before: { ...before, stance }, parts: [part] }, anchor }
}
