import { expose } from 'comlink'
import { makePath, type Person, type RoutinePart, resolveBody, showPath } from '@/core'

const api = {
  walk: (person: Person, parts: RoutinePart[], samples: number) =>
    showPath(makePath(resolveBody(person), parts, samples), parts),
}

export type PathApi = typeof api

expose(api)
