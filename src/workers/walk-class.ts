import type { Person, RoutinePart, Verdict, WalkFit } from '@/core'
import { openWorker } from './open-worker'
import { keepPool } from './pool'
import type { WalkClassApi } from './walk-class.worker'

const openPool = keepPool(() =>
  openWorker<WalkClassApi>(new Worker(new URL('./walk-class.worker.ts', import.meta.url))),
)

/** Somebody of a class, with the routine sized to them. */
export type Walking = { person: Person; parts: RoutinePart[] }

/** What is heard of a class meanwhile. */
export type WalkClassHears = {
  /** 0 to 1. */
  onProgress: (done: number) => void
  /** Somebody walked it as it is asked: the verdict of each way. */
  onWalked: (who: number, asked: (Verdict | null)[]) => void
}

/**
 * A class against a path, in a pool of workers: first everybody as it is asked, then what helps whom. Who walked in a
 * worker is fitted there, unless another one has nothing left to do. Cancelling ends them.
 */
export function startWalkClass(
  people: readonly Walking[],
  samples: number,
  { onProgress, onWalked }: WalkClassHears,
): { found: Promise<WalkFit[]>; cancel: () => void } {
  const { workers, rest, end } = openPool(people.length)
  const fits: WalkFit[] = new Array(people.length)
  const walkedBy = workers.map((): number[] => [])
  let next = 0
  let done = 0
  const step = () => onProgress(++done / (2 * people.length))
  const found = Promise.all(
    workers.map(async (worker, mine) => {
      await worker.ask((api) => api.forget())
      while (next < people.length) {
        const who = next++
        const { person, parts } = people[who] as Walking
        onWalked(who, await worker.ask((api) => api.walk(who, person, parts, samples)))
        walkedBy[mine]?.push(who)
        step()
      }
      const takeOne = () => walkedBy[mine]?.shift() ?? walkedBy.find((others) => others.length > 0)?.pop()
      for (let who = takeOne(); who !== undefined; who = takeOne()) {
        const at = who
        const { person, parts } = people[at] as Walking
        fits[at] = await worker.ask((api) => api.fit(at, person, parts, samples))
        step()
      }
    }),
  ).then(() => fits)
  found.then(rest, end)
  return { found, cancel: end }
}
