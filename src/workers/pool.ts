import type { Opened } from './open-worker'

const MOST_WORKERS = 4

/** Workers at a task together: `end` stops them where they are, `rest` lets them go when they are done; the first counts. */
export type Pool<Api> = { workers: Opened<Api>[]; rest: () => void; end: () => void }

/**
 * Opens pools of as many workers as the machine has hands for, and no more than there are tasks. Those that rest are
 * taken again: one that has worked is about twice as fast as a new one.
 */
export function keepPool<Api>(open: () => Opened<Api>): (tasks: number) => Pool<Api> {
  const resting: Opened<Api>[] = []
  return (tasks) => {
    const size = Math.max(1, Math.min(navigator.hardwareConcurrency || 1, MOST_WORKERS, tasks))
    const workers = Array.from({ length: size }, () => resting.pop() ?? open())
    let working = true
    const leave = (go: () => void) => () => {
      if (working) go()
      working = false
    }
    return {
      workers,
      rest: leave(() => resting.push(...workers)),
      end: leave(() => {
        for (const worker of workers) worker.end()
      }),
    }
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
