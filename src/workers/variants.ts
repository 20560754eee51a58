import type { Person, Stance, VariantSet } from '@/core'
import { openWorker } from './open-worker'
import { keepSearches, type Search } from './search'
import type { VariantsApi } from './variants.worker'

const search = keepSearches(() => openWorker<VariantsApi>(new Worker(new URL('./variants.worker.ts', import.meta.url))))

/** Searches for safer variants. */
export const startVariantSearch = (
  person: Person,
  stance: Stance,
  onProgress: (done: number) => void,
): Search<VariantSet> => search((api) => api.find(person, stance), onProgress)
