import type { Person, RoutinePart, WalkFit } from '@/core'
import { openWorker } from './open-worker'
import { openPool, share } from './pool'
import type { WalkClassApi } from './walk-class.worker'

/** Somebody of a class, with the routine sized to them. */
export type Walking = { person: Person; parts: RoutinePart[] }

/** A class against a path, in a pool of workers. Cancelling ends them. */
export function startWalkClass(
  people: readonly Walking[],
  samples: number,
  onProgress: (done: number) => void,
): { found: Promise<WalkFit[]>; cancel: () => void } {
  const { workers, end } = openPool(people.length, () =>
    openWorker<WalkClassApi>(new Worker(new URL('./walk-class.worker.ts', import.meta.url))),
  )
  let done = 0
  const found = share(workers, people, async (worker, { person, parts }) => {
    const fit = await worker.ask((api) => api.fit(person, parts, samples))
    onProgress(++done / people.length)
    return fit
  })
  found.finally(end).catch(() => {})
  return { found, cancel: end }
}
