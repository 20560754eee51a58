import type { z } from 'zod'
import { InputError } from '@/core'

/**
 * Checks a value at the door.
 * @throws InputError with the first field that is wrong, its value, and what would be accepted
 */
export function parse<S extends z.ZodType>(schema: S, value: unknown, root = 'document'): z.infer<S> {
  const result = schema.safeParse(value)
  if (result.success) return result.data
  const [issue] = result.error.issues
  const path = (issue?.path ?? []).map(String)
  // A wrong coordinate is a wrong point: the message says what a point is.
  const field = /^\d+$/.test(path.at(-1) ?? '') && isPointField(path.at(-2)) ? path.slice(0, -1) : path
  const accepts = isPointField(field.at(-1)) ? POINT : (issue?.message ?? 'another value')
  throw new InputError(field.join('.') || root, readPath(value, field), accepts)
}

const POINT = 'a point in metres: [x, y], or [x, y, z] for a support, each from -100 to 100'

const isPointField = (key: string | undefined) => key === 'heel' || key === 'at'

function readPath(value: unknown, path: readonly string[]): unknown {
  let at = value
  for (const key of path) at = at !== null && typeof at === 'object' ? (at as Record<string, unknown>)[key] : undefined
  return at
}

/** Reads JSON text. @throws InputError "document" where it is not JSON */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw new InputError('document', text.slice(0, 40), `JSON (${(error as Error).message})`)
  }
}
