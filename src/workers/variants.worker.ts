import { expose } from 'comlink'
import { findVariants, type Person, resolveBody, type Stance, type VariantSet } from '@/core'

const api = {
  find: (person: Person, stance: Stance, onProgress: (done: number) => void): VariantSet =>
    findVariants(resolveBody(person), stance, { onProgress }),
}

export type VariantsApi = typeof api

expose(api)
