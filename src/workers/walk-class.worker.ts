import { expose } from 'comlink'
import { fitWalk, type Person, type RoutinePart, resolveBody, type WalkFit } from '@/core'

const api = {
  fit: (person: Person, parts: RoutinePart[], samples: number): WalkFit => fitWalk(resolveBody(person), parts, samples),
}

export type WalkClassApi = typeof api

expose(api)
