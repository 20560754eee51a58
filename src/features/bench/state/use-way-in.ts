import { useMemo } from 'react'
import type { WayIn } from '@/core'
import { type HouseWays, toChoices } from '@/documents/choices-document'
import { useWaysIn } from '@/workers/use-ways-in'
import { useBench } from './store'
import type { OnBenchView } from './use-analysis'

/** How the stance on the bench is come to, as its school steps; undefined while that is worked out. */
export function useWayIn({ body, stance, analysis }: OnBenchView, ways: HouseWays): WayIn | null | undefined {
  const school = useBench((state) => state.school)
  // What breaks a limit where it stands breaks it on the way, too.
  const verdict = analysis?.verdict
  const asks = useMemo(
    () => [verdict && verdict !== 'beyond' ? { person: body.person, stance, choices: toChoices(school, ways) } : null],
    [body, stance, verdict, school, ways],
  )
  return useWaysIn(asks)[0]
}
