import { useEffect, useRef, useState } from 'react'
import type { Body, Stance, VariantSet } from '@/core'
import { startVariantSearch } from '@/workers/variants'
import type { OnBenchView } from '../state/use-analysis'

const REST = 350

/**
 * What was found for a stance; while a newer one is searched, what was found before stays on screen, as long as it was
 * for the same body: on another it may not even stand.
 */
export type VariantsFound = { set: VariantSet; of: Stance; body: Body } | null

/** Searches once the stance has rested; a newer stance, or whoever stops it, ends the search for an older one. */
export function useVariants({ body, stance, analysis }: OnBenchView) {
  const [found, setFound] = useState<VariantsFound>(null)
  const [progress, setProgress] = useState(0)
  /** The stance whose search was stopped, or failed. */
  const [stopped, setStopped] = useState<Stance | null>(null)
  const [again, setAgain] = useState(0)
  const cancel = useRef(() => {})
  const searchable = analysis !== null
  // biome-ignore lint/correctness/useExhaustiveDependencies: looked for once more when that is asked for
  useEffect(() => {
    if (!searchable) return
    setProgress(0)
    setStopped(null)
    const timer = setTimeout(() => {
      const search = startVariantSearch(body.person, stance, setProgress)
      cancel.current = search.cancel
      search.found.then((set) => setFound({ set, of: stance, body })).catch(() => setStopped(stance))
    }, REST)
    return () => {
      clearTimeout(timer)
      cancel.current()
    }
  }, [body, stance, searchable, again])
  const ours = found?.body === body ? found : null
  const isStopped = stopped === stance
  return {
    found: ours,
    searching: searchable && found?.of !== stance && !isStopped,
    progress,
    isStopped,
    stop: () => {
      cancel.current()
      setStopped(stance)
    },
    lookAgain: () => setAgain((n) => n + 1),
  }
}
