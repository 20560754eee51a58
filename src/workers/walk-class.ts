import type { Person, RoutinePart, WalkFit } from '@/core'
import { openWorker } from './open-worker'
import { keepPool, share } from './pool'
import type { WalkClassApi } from './walk-class.worker'

const openPool = keepPool(() =>
  openWorker<WalkClassApi>(new Worker(new URL('./walk-class.worker.ts', import.meta.url))),
)

/** Somebody of a class, with the routine sized to them. */
export type Walking = { person: Person; parts: RoutinePart[] }

/** A class against a path, in a pool of workers. Cancelling ends them. */
export function startWalkClass(
  people: readonly Walking[],
  samples: number,
  onProgress: (done: number) => void,
): { found: Promise<WalkFit[]>; cancel: () => void } {
  const { workers, rest, end } = openPool(people.length)
  let done = 0
  const found = share(workers, people, async (worker, { person, parts }) => {
    const fit = await worker.ask((api) => api.fit(person, parts, samples))
    onProgress(++done / people.length)
    return fit
  })
  found.then(rest, end)
  return { found, cancel: end }
}
