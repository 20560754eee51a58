/** One search after another, in a thread of its own: what it is asked comes as a message, and so does its answer. */
import { parentPort } from 'node:worker_threads'
import { InputError } from '@/core'
import { shortenValue } from '@/documents/error-document'
import { type Answered, type JobRequest, runJob } from './jobs'

parentPort?.on('message', (asked: JobRequest) => parentPort?.postMessage(answer(asked)))

function answer({ limitMs, ...asked }: JobRequest): Answered {
  const until = performance.now() + limitMs
  try {
    return { ok: true, document: runJob(asked, () => performance.now() > until) }
  } catch (error) {
    return {
      ok: false,
      error:
        error instanceof InputError
          ? { field: error.field, value: shortenValue(error.value ?? null), accepts: error.accepts }
          : null,
    }
  }
}
