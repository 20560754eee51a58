import type { RoutinePart, SaferWay, SaferWays, ShownPath, ShownTransition, Side, Way } from '@/core'
import type { RoutineDocument } from '@/documents/routine-document'
import { takeSafer } from './take'
import { type Decidee, type Library, sizeRoutine } from './use-walk'
import { wayTo } from './way-to'

/** What was changed on the way to a part. */
export type Mend = { at: number; one: SaferWay }

/** A routine that somebody can walk, by the least change of each way that they could not. */
export type Mended = { routine: RoutineDocument; mends: Mend[] }

/** What walks a routine, and what looks for safer ways. */
export type Searches = {
  walk: (parts: RoutinePart[]) => Promise<ShownPath>
  ways: (way: Way, anchor: Side | null) => Promise<SaferWays>
}

/** More changes than this make another routine. */
const MOST = 5

/**
 * Mends one way after the other, each by the least that does, and walks the whole again after each. Null where a way
 * cannot be mended, or where it would take too many changes.
 */
export async function findMends(
  routine: RoutineDocument,
  person: Decidee,
  library: Library,
  { walk, ways }: Searches,
): Promise<Mended | null> {
  const mends: Mend[] = []
  let now = routine
  while (mends.length <= MOST) {
    const { parts } = sizeRoutine(now, person, library)
    if (!parts) return null
    const path = await walk(parts)
    if (isWalked(path)) return { routine: now, mends }
    const fails = path.transitions.find(isFailing)
    if (!fails) return null
    const asked = wayTo(path, parts, fails.to)
    if (!asked || mends.some(({ at }) => at === fails.to)) return null
    const found = await ways(asked.way, asked.anchor)
    const one = found.ways.find(({ marks, changes }) => marks.verdict !== 'beyond' && !changes.some(isAnotherPart))
    if (!one) return null
    now = takeSafer(now, fails.to, one)
    mends.push({ at: fails.to, one })
  }
  return null
}

const isFailing = ({ verdict }: Pick<ShownTransition, 'verdict'>): boolean => verdict === null || verdict === 'beyond'

/** Whether it begins where it can be stood, and none of its ways is beyond. */
export const isWalked = ({ parts, transitions }: Pick<ShownPath, 'parts' | 'transitions'>): boolean =>
  !parts[0]?.error && !transitions.some(isFailing)

/** What makes two parts of one would give those behind it another place. */
const isAnotherPart = ({ what }: SaferWay['changes'][number]): boolean => what === 'pieces'
