import { useEffect, useState } from 'react'
import type { Body, Stance, VariantSet } from '@/core'
import { startVariantSearch } from '@/workers/variants'
import type { OnBenchView } from '../state/use-analysis'

const REST = 350

/**
 * What was found for a stance; while a newer one is searched, what was found before stays on screen, as long as it was
 * for the same body: on another it may not even stand.
 */
export type VariantsFound = { set: VariantSet; of: Stance; body: Body } | null

/** Searches once the stance has rested; a newer stance ends the search for an older one. */
export function useVariants({ body, stance, analysis }: OnBenchView): {
  found: VariantsFound
  searching: boolean
  progress: number
} {
  const [found, setFound] = useState<VariantsFound>(null)
  const [progress, setProgress] = useState(0)
  const searchable = analysis !== null
  useEffect(() => {
    if (!searchable) return
    let cancel = () => {}
    setProgress(0)
    const timer = setTimeout(() => {
      const search = startVariantSearch(body.person, stance, setProgress)
      cancel = search.cancel
      search.found.then((set) => setFound({ set, of: stance, body })).catch(() => setFound(null))
    }, REST)
    return () => {
      clearTimeout(timer)
      cancel()
    }
  }, [body, stance, searchable])
  const ours = found?.body === body ? found : null
  return { found: ours, searching: searchable && found?.of !== stance, progress }
}
