import type { Opened } from './open-worker'

const MOST_WORKERS = 4

/** As many workers as the machine has hands for, and no more than there are tasks. */
export function openPool<Api>(tasks: number, open: () => Opened<Api>): { workers: Opened<Api>[]; end: () => void } {
  const size = Math.max(1, Math.min(navigator.hardwareConcurrency || 1, MOST_WORKERS, tasks))
  const workers = Array.from({ length: size }, open)
  return {
    workers,
    end: () => {
      for (const worker of workers) worker.end()
    },
  }
}

/** Each worker takes the next task when it is free; answers come back in the order of the tasks. */
export async function share<Api, T, R>(
  workers: readonly Opened<Api>[],
  tasks: readonly T[],
  run: (worker: Opened<Api>, task: T) => Promise<R>,
): Promise<R[]> {
  const answers: R[] = new Array(tasks.length)
  let next = 0
  await Promise.all(
    workers.map(async (worker) => {
      while (next < tasks.length) {
        const at = next++
        answers[at] = await run(worker, tasks[at] as T)
      }
    }),
  )
  return answers
}
