import { useEffect, useMemo, useReducer } from 'react'
import type { WayIn } from '@/core'
import { findWayIn, startWaysIn, type WayAsk } from './way-in'

/** As long as a stance is moved about, nobody asks how it is come to. */
const REST_MS = 350

/**
 * How each stance is come to, in the order in which they are asked; undefined as long as it is worked out, null where
 * nothing is asked or it is sat.
 * @param asks kept as they are as long as nothing else is asked
 */
export function useWaysIn(asks: readonly (WayAsk | null)[]): (WayIn | null | undefined)[] {
  const [heard, hear] = useReducer((n: number) => n + 1, 0)
  useEffect(() => {
    const run = { cancel: () => {} }
    const timer = setTimeout(() => {
      run.cancel = startWaysIn(
        asks.filter((ask) => ask !== null),
        hear,
      ).cancel
    }, REST_MS)
    return () => {
      clearTimeout(timer)
      run.cancel()
    }
  }, [asks])
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was heard is what is remembered
  return useMemo(() => asks.map((ask) => (ask ? findWayIn(ask) : null)), [asks, heard])
}
