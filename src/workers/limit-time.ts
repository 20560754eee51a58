import type { IsOver } from '@/core'

/** Ends a search that has gone on for so long: it answers with the best until then. */
export function limitTime(ms: number): IsOver {
  const until = performance.now() + ms
  return () => performance.now() > until
}
