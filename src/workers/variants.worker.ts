import { expose } from 'comlink'
import { findVariants, type Person, resolveBody, type Stance, type VariantSet } from '@/core'
import { limitTime } from './limit-time'

const LIMIT_MS = 10_000

const api = {
  find: (person: Person, stance: Stance, onProgress: (done: number) => void): VariantSet =>
    findVariants(resolveBody(person), stance, { onProgress, isOver: limitTime(LIMIT_MS) }),
}

export type VariantsApi = typeof api

expose(api)
