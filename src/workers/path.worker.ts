import { expose } from 'comlink'
import { findNearerSteps, makePath, type Person, type RoutinePart, resolveBody, showPath } from '@/core'

const api = {
  walk: (person: Person, parts: RoutinePart[], samples: number) =>
    showPath(findNearerSteps(makePath(resolveBody(person), parts, samples), parts), parts),
}

export type PathApi = typeof api

expose(api)
