import { expose } from 'comlink'
import { makePath, type Person, type RoutinePart, resolveBody, sayNearerSteps, showPath } from '@/core'

const api = {
  walk: (person: Person, parts: RoutinePart[], samples: number) =>
    showPath(sayNearerSteps(makePath(resolveBody(person), parts, samples), parts), parts),
}

export type PathApi = typeof api

expose(api)
