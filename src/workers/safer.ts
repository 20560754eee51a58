import type { Measured, Person, RoutinePart, SaferWay, SaferWays, Side, Way } from '@/core'
import { openWorker } from './open-worker'
import type { SaferApi } from './safer.worker'
import { keepSearches, type Search } from './search'

const search = keepSearches(() => openWorker<SaferApi>(new Worker(new URL('./safer.worker.ts', import.meta.url))))

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
