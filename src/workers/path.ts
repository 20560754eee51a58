import type { Person, RoutinePart, ShownPath } from '@/core'
import { type Opened, openWorker } from './open-worker'
import type { PathApi } from './path.worker'
import { keepSearches, type Search } from './search'

const search = keepSearches(() => openWorker<PathApi>(new Worker(new URL('./path.worker.ts', import.meta.url))))

/** Works a routine out once. */
export const startWalk = (person: Person, parts: RoutinePart[], samples: number): Search<ShownPath> =>
  search((api) => api.walk(person, parts, samples))

type PathRequest = { person: Person; parts: RoutinePart[]; samples: number }

/** Works out what is asked for last: what comes meanwhile waits, and only the newest of it. */
export type Walker = { ask: (asked: PathRequest) => void; end: () => void }

/** One worker for a page; one that broke is made anew with the next question. */
export function startWalker(onPath: (path: ShownPath) => void, onBroken: () => void): Walker {
  let worker: Opened<PathApi> | null = null
  let wanted: PathRequest | null = null
  let isBusy = false
  const open = () => openWorker<PathApi>(new Worker(new URL('./path.worker.ts', import.meta.url)))
  const work = async () => {
    isBusy = true
    while (wanted) {
      const { person, parts, samples } = wanted
      wanted = null
      try {
        worker ??= open()
        const path = await worker.ask((api) => api.walk(person, parts, samples))
        if (!wanted) onPath(path)
      } catch {
        worker = null
        if (!wanted) onBroken()
      }
    }
    isBusy = false
  }
  return {
    ask: (asked) => {
      wanted = asked
      if (!isBusy) work()
    },
    end: () => worker?.end(),
  }
}
