import type { Candidate, Choice, ClassFit, Weighings } from '@/core'

/** Levels as found: the candidates themselves, who does which, and what it changes for each. */
export type FoundLevels = { levels: Candidate[]; of: number[]; changes: number[]; unfitted: number; total: number }

/** What a class fit came to, without the candidates that nobody does. */
export type FitFound = {
  asTaught: Candidate
  found: FoundLevels
  more: FoundLevels | null
  fewer: FoundLevels | null
  /** Ended before it was done. */
  cut: boolean
}

export function readFit({ candidates, choice, more, fewer, cut }: ClassFit, weighed: readonly Weighings[]): FitFound {
  const read = ({ levels, of, unfitted, total }: Choice): FoundLevels => ({
    levels: levels.map((index) => candidates[index] as Candidate),
    of,
    changes: of.map((place, person) =>
      place < 0 ? Number.POSITIVE_INFINITY : (weighed[person]?.costs[levels[place] as number] as number),
    ),
    unfitted,
    total,
  })
  return {
    asTaught: candidates[0] as Candidate,
    found: read(choice),
    more: more && read(more),
    fewer: fewer && read(fewer),
    cut,
  }
}
