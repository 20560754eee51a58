import type { Person, Stance, VariantSet } from '@/core'
import { openWorker } from './open-worker'
import { hearProgress } from './progress'
import type { VariantsApi } from './variants.worker'

/** A search under way: what it will find, and a way to stop it. */
export type VariantSearch = { found: Promise<VariantSet>; cancel: () => void }

/** Searches for safer variants in a worker of its own, so that cancelling is simply ending it. */
export function startVariantSearch(person: Person, stance: Stance, onProgress: (done: number) => void): VariantSearch {
  const worker = new Worker(new URL('./variants.worker.ts', import.meta.url))
  hearProgress(worker, onProgress)
  const { ask, end } = openWorker<VariantsApi>(worker)
  const found = ask((api) => api.find(person, stance))
  found.finally(end).catch(() => {})
  return { found, cancel: end }
}
