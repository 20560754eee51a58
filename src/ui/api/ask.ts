import { InputError, type Refusal } from '@/core'
import { sayRefusal } from '@/words/fields'
import type { Words } from '@/words/language'
import { tellChange } from './changes'

/** What the server refused, and why; null where it did not answer as it should. */
export class RefusedError extends Error {
  constructor(readonly why: Refusal | null) {
    super(why ? `${why.field}: ${why.accepts.code}` : 'unexpected')
  }
}

/** Somebody else saved in the meantime: what is there now. */
export class OvertakenError<T> extends Error {
  constructor(readonly current: T) {
    super('overtaken')
  }
}

/**
 * Asks this application's server; bodies are JSON both ways.
 * @throws RefusedError, OvertakenError; another Error where no server answers or it is busy: trying again may help
 */
export async function ask<T>(path: string, method: string, value?: unknown): Promise<T> {
  const response = await fetch(path, {
    method,
    // What is on its way when the page is left still arrives, as far as a browser allows its size.
    keepalive: method === 'PUT' && JSON.stringify(value ?? null).length < 60_000,
    ...(value !== undefined && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(value) }),
  })
  if (response.ok) {
    tellChange(path, method)
    return response.json()
  }
  if (response.status === 409) throw new OvertakenError(((await response.json()) as { current: T }).current)
  if (response.status === 503) throw new Error('busy')
  if (response.status !== 400) throw new RefusedError(null)
  const { error } = (await response.json()) as { error: { field: string; code: Refusal['accepts'] } }
  throw new RefusedError({ field: error.field, accepts: error.code })
}

/** Why something was not saved: the field that is wrong, what the server refused, or that nothing answers. */
export function sayUnsaved(error: unknown, words: Words, unanswered = words.say('errors.unanswered')): string {
  if (error instanceof InputError) return sayRefusal(error, words)
  return error instanceof RefusedError ? sayRefusal(error.why, words) : unanswered
}
