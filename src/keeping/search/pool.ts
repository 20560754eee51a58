import { join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { InputError } from '@/core'
import type { Language } from '@/documents/languages'
import type { Answered, Job, JobRequest } from './jobs'

/** A search ends by itself after this long, with the best it has; one that does not is ended. */
const LIMIT_MS = 6000
const GRACE_MS = 6000
const THREADS = 2
const WAITING_MOST = 24

/** More is asked at once than can be answered soon. */
export class BusyError extends Error {}

type Waiting = { asked: JobRequest; resolve: (answer: Answered) => void; reject: (error: Error) => void }

const idle: Thread[] = []
const waiting: Waiting[] = []
let running = 0

/**
 * Searches in a thread beside the server, two at once, in the order in which they were asked. Nobody waits for another's
 * page meanwhile. Whoever goes away before it is their turn is left out.
 * @throws InputError naming the field; BusyError where too many wait
 */
export async function search(job: Job, value: unknown, language: Language, signal?: AbortSignal): Promise<unknown> {
  if (waiting.length >= WAITING_MOST) throw new BusyError('too many searches are waiting; try again in a moment')
  const answer = await new Promise<Answered>((resolve, reject) => {
    const mine = { asked: { job, value, language, limitMs: LIMIT_MS }, resolve, reject }
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
  const thread = idle.pop() ?? new Thread()
  thread
    .answer(next.asked)
    .then((answer) => {
      idle.push(thread)
      next.resolve(answer)
    }, next.reject)
    .finally(() => {
      running--
      runNext()
    })
}

/** By a name of its own: a bundler that sees a worker made would take in what stands beside the server on purpose. */
class SearchWorker extends Worker {}

/** A thread that answers one search at a time. One that failed, or that did not end, is ended and not used again. */
class Thread {
  // Bundled when the program is built (scripts/steps.mjs).
  private readonly worker = new SearchWorker(join(process.cwd(), 'node_modules', '.nivrel', 'search-thread.mjs'))
  private settle: { resolve: (answer: Answered) => void; reject: (error: Error) => void } | null = null

  constructor() {
    this.worker.unref()
    this.worker.on('message', (answer: Answered) => this.settle?.resolve(answer))
    this.worker.on('error', () => this.settle?.reject(new Error('a search failed')))
  }

  async answer(asked: JobRequest): Promise<Answered> {
    let timer: ReturnType<typeof setTimeout> | undefined
    try {
      return await new Promise<Answered>((resolve, reject) => {
        this.settle = { resolve, reject }
        timer = setTimeout(() => reject(new Error('a search did not end and was ended')), asked.limitMs + GRACE_MS)
        this.worker.postMessage(asked)
      })
    } catch (error) {
      this.worker.terminate()
      throw error
    } finally {
      clearTimeout(timer)
      this.settle = null
    }
  }
}
