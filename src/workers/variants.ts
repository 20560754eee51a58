import { proxy, wrap } from 'comlink'
import type { Person, Stance, VariantSet } from '@/core'
import type { VariantsApi } from './variants.worker'

/** A search under way: what it will find, and a way to stop it. */
export type VariantSearch = { found: Promise<VariantSet>; cancel: () => void }

/** Searches for safer variants in a worker of its own, so that cancelling is simply ending it. */
export function startVariantSearch(person: Person, stance: Stance, onProgress: (done: number) => void): VariantSearch {
  const worker = new Worker(new URL('./variants.worker.ts', import.meta.url))
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = () => reject(new Error('the worker of the search ended'))
  })
  const found = Promise.race([wrap<VariantsApi>(worker).find(person, stance, proxy(onProgress)), failed])
  found.finally(() => worker.terminate()).catch(() => {})
  return { found, cancel: () => worker.terminate() }
}
