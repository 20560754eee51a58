import { InputError } from '@/core'
import { sayFieldError } from '@/words/fields'
import { tellChange } from './changes'

/** What the server said was wrong, as a screen says it. */
export class RefusedError extends Error {}

/** Somebody else saved in the meantime: what is there now. */
export class OvertakenError<T> extends Error {
  constructor(readonly current: T) {
    super('Somebody else saved this in the meantime.')
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
  if (response.status === 503) throw new Error('The server is busy.')
  if (response.status !== 400) throw new RefusedError('The server did not answer as it should; nothing was changed.')
  const { error } = (await response.json()) as { error: { field: string; code: InputError['accepts'] } }
  throw new RefusedError(sayFieldError({ field: error.field, accepts: error.code }))
}

/** Why something was not saved: the field that is wrong, what the server refused, or that nothing answers. */
export function sayUnsaved(error: unknown, unanswered = 'It could not be saved; nothing was lost, try again.'): string {
  if (error instanceof InputError) return sayFieldError(error)
  return error instanceof RefusedError ? error.message : unanswered
}
