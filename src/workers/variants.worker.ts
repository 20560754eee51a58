import { expose } from 'comlink'
import { findVariants, type Person, resolveBody, type Stance, type VariantSet } from '@/core'
import { limitTime } from './limit-time'
import { tellProgress } from './progress'

const LIMIT_MS = 10_000

const api = {
  find: (person: Person, stance: Stance): VariantSet =>
    findVariants(resolveBody(person), stance, { onProgress: tellProgress, isOver: limitTime(LIMIT_MS) }),
}

export type VariantsApi = typeof api

expose(api)
