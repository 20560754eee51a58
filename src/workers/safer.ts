import type { Measured, Person, RoutinePart, SaferWay, SaferWays, Side, Way } from '@/core'
import { openWorker } from './open-worker'
import type { SaferApi } from './safer.worker'

type Search<T> = { found: Promise<T>; cancel: () => void }

/** A worker of its own for each search, so that cancelling is simply ending it. */
function search<T>(
  ask: (api: Parameters<Parameters<ReturnType<typeof openWorker<SaferApi>>['ask']>[0]>[0]) => Promise<T>,
): Search<T> {
  const worker = openWorker<SaferApi>(new Worker(new URL('./safer.worker.ts', import.meta.url)))
  const found = worker.ask(ask)
  found.finally(worker.end).catch(() => {})
  return { found, cancel: worker.end }
}

/** Looks for safer ways from one part to the next. */
export const startSaferWays = (person: Person, way: Way, anchor: Side | null): Search<SaferWays> =>
  search((api) => api.ways(person, way, anchor))

/** Looks for the longest step of a safer way. */
export const startRefine = (person: Person, way: Way, anchor: Side | null, safer: SaferWay): Search<SaferWay> =>
  search((api) => api.refine(person, way, anchor, safer))

/** Looks for the parts at which a routine turns back, so that it fits a room. */
export const startFold = (
  person: Person,
  routine: RoutinePart[],
  room: { width: number; depth: number },
): Search<number[] | null> => search((api) => api.fold(person, routine, room))

/** Looks for the one step length and the one height with which most of a routine holds. */
export const startMeasure = (person: Person, routine: RoutinePart[]): Search<Measured | null> =>
  search((api) => api.measure(person, routine))
