import { expose } from 'comlink'
import { findNearerSteps, keepWays, makePath, type Person, type RoutinePart, resolveBody, showPath } from '@/core'

/** Of a routine that is changed a little most ways are as they were. */
const memory = keepWays()

const api = {
  walk: (person: Person, parts: RoutinePart[], samples: number) =>
    showPath(findNearerSteps(makePath(resolveBody(person), parts, samples, 'whole', memory), parts), parts),
}

export type PathApi = typeof api

expose(api)
