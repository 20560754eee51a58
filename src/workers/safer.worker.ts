import { expose } from 'comlink'
import {
  findMeasure,
  findSaferWays,
  foldRoutine,
  type Measured,
  type Person,
  type RoutinePart,
  refineStep,
  resolveBody,
  type SaferWay,
  type SaferWays,
  type Side,
  type Way,
} from '@/core'
import { limitTime } from './limit-time'

const LIMIT_MS = 8_000

const api = {
  ways: (person: Person, way: Way, anchor: Side | null): SaferWays =>
    findSaferWays(resolveBody(person), way, anchor, limitTime(LIMIT_MS)),
  refine: (person: Person, way: Way, anchor: Side | null, safer: SaferWay): SaferWay =>
    refineStep(resolveBody(person), way, anchor, safer),
  measure: (person: Person, routine: RoutinePart[]): Measured | null => {
    const isOver = limitTime(LIMIT_MS)
    return findMeasure(resolveBody(person), routine, () => isOver(0))
  },
  fold: (person: Person, routine: RoutinePart[], room: { width: number; depth: number }): number[] | null =>
    foldRoutine(resolveBody(person), routine, room),
}

export type SaferApi = typeof api

expose(api)
