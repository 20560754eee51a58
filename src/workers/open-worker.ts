import { type Remote, wrap } from 'comlink'
import type { Progress } from './progress'

/** Nothing heard of a worker that was asked something for so long: it is dead. Every search ends itself well before. */
const SILENCE_MS = 30_000

/** A worker with what it can do. */
export type Opened<Api> = {
  /** Asks it something: fails where it broke, could not be loaded, or is not heard of any more. */
  ask: <T>(what: (api: Remote<Api>) => Promise<T>) => Promise<T>
  /** Who is told how far it is, from here on: 0 to 1. */
  hear: (onProgress: (done: number) => void) => void
  end: () => void
}

/** Runs a worker so that nobody waits for ever for one that is dead. */
export function openWorker<Api>(worker: Worker): Opened<Api> {
  const api = wrap<Api>(worker)
  let asked = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let fail: (error: Error) => void = () => {}
  const failed = new Promise<never>((_, reject) => {
    fail = reject
  })
  // It may break while nobody asks.
  failed.catch(() => {})
  const end = () => {
    clearTimeout(timer)
    worker.terminate()
  }
  const die = (why: string) => {
    end()
    fail(new Error(`the worker of the search ended: ${why}`))
  }
  const listen = () => {
    clearTimeout(timer)
    if (asked > 0) timer = setTimeout(() => die('nothing was heard of it'), SILENCE_MS)
  }
  worker.addEventListener('error', () => die('it broke'))
  worker.addEventListener('messageerror', () => die('what it said could not be read'))
  let tell: (done: number) => void = () => {}
  worker.addEventListener('message', ({ data }: MessageEvent<Partial<Progress> | null>) => {
    listen()
    if (data?.progress !== undefined) tell(data.progress)
  })
  return {
    ask: async (what) => {
      asked++
      listen()
      try {
        return await Promise.race([what(api), failed])
      } finally {
        asked--
        listen()
      }
    },
    hear: (onProgress) => {
      tell = onProgress
    },
    end,
  }
}
