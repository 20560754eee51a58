import type { Remote } from 'comlink'
import type { Opened } from './open-worker'
import { keepPool } from './pool'

/** A search under way: what it will find, and a way to stop it. */
export type Search<T> = { found: Promise<T>; cancel: () => void }

/**
 * Searches each in a worker of its own, so that cancelling is simply ending it; one that came to its end rests, and the
 * next search finds it warm.
 */
export function keepSearches<Api>(open: () => Opened<Api>) {
  const take = keepPool(open)
  return <T>(what: (api: Remote<Api>) => Promise<T>, onProgress: (done: number) => void = () => {}): Search<T> => {
    const { workers, rest, end } = take(1)
    const worker = workers[0] as Opened<Api>
    worker.hear(onProgress)
    const found = worker.ask(what)
    found.then(rest, end)
    return { found, cancel: end }
  }
}
