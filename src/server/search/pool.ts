import { join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { InputError } from '@/core'
import type { Answered, Asked, Job } from './jobs'

/** A search ends by itself after this long, with the best it has; one that does not is ended. */
const LIMIT_MS = 6000
const GRACE_MS = 6000
const THREADS = 2
const WAITING_MOST = 24

/** More is asked at once than can be answered soon. */
export class BusyError extends Error {}

type Waiting = { asked: Asked; resolve: (answer: Answered) => void; reject: (error: Error) => void }

const idle: Worker[] = []
const waiting: Waiting[] = []
let running = 0

/**
 * Searches in a thread beside the server, two at once, in the order in which they were asked. Nobody waits for another's
 * page meanwhile. Whoever goes away before it is their turn is left out.
 * @throws InputError naming the field; BusyError where too many wait
 */
export async function search(job: Job, value: unknown, signal?: AbortSignal): Promise<unknown> {
  if (waiting.length >= WAITING_MOST) throw new BusyError('too many searches are waiting; try again in a moment')
  const answer = await new Promise<Answered>((resolve, reject) => {
    const mine = { asked: { job, value, limitMs: LIMIT_MS }, resolve, reject }
    waiting.push(mine)
    signal?.addEventListener('abort', () => {
      const at = waiting.indexOf(mine)
      if (at >= 0) waiting.splice(at, 1)
      reject(new BusyError('nobody waits for it any more'))
    })
    runNext()
  })
  if (answer.ok) return answer.document
  if (!answer.error) throw new Error('a search failed')
  throw new InputError(answer.error.field, answer.error.value, answer.error.accepts)
}

function runNext(): void {
  if (running >= THREADS) return
  const next = waiting.shift()
  if (!next) return
  running++
  const worker = idle.pop() ?? startThread()
  const timer = setTimeout(() => end(new Error('a search did not end and was ended')), LIMIT_MS + GRACE_MS)
  const done = () => {
    clearTimeout(timer)
    worker.removeAllListeners()
    running--
    runNext()
  }
  const end = (error: Error) => {
    worker.terminate()
    next.reject(error)
    done()
  }
  worker.once('message', (answer: Answered) => {
    next.resolve(answer)
    idle.push(worker)
    done()
  })
  worker.once('error', () => end(new Error('a search failed')))
  worker.postMessage(next.asked)
}

/** By a name of its own: a bundler that sees a worker made would take in what stands beside the server on purpose. */
class SearchThread extends Worker {}

/** The thread is bundled when the program is built (scripts/steps.mjs). */
function startThread(): Worker {
  const worker = new SearchThread(join(process.cwd(), 'node_modules', '.nivrel', 'search-thread.mjs'))
  worker.unref()
  return worker
}
