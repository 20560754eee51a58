import type { z } from 'zod'
import { type Accepts, InputError } from '@/core'

/**
 * Checks a value at the door.
 * @throws InputError with the first field that is wrong, its value, and what would be accepted
 */
export function parse<S extends z.ZodType>(schema: S, value: unknown, root = 'document'): z.infer<S> {
  const result = schema.safeParse(value)
  if (result.success) return result.data
  const [issue] = result.error.issues
  const path = (issue?.path ?? []).map(String)
  // A wrong coordinate is a wrong point.
  const field = /^\d+$/.test(path.at(-1) ?? '') && isPointField(path.at(-2)) ? path.slice(0, -1) : path
  const accepts = field === path ? readAccepts(issue?.message) : POINT
  throw new InputError(field.join('.') || root, readPath(value, field), accepts)
}

const POINT: Accepts = { code: 'point', most: 100 }

const isPointField = (key: string | undefined) => key === 'heel' || key === 'at'

/** What a check accepts, of the message that its schema gave it; a schema's own is none of ours. */
function readAccepts(message = ''): Accepts {
  try {
    return JSON.parse(message) as Accepts
  } catch {
    return { code: 'other' }
  }
}

function readPath(value: unknown, path: readonly string[]): unknown {
  let at = value
  for (const key of path) at = at !== null && typeof at === 'object' ? (at as Record<string, unknown>)[key] : undefined
  return at
}

/** Documents are a dozen levels deep; what is deeper than this is none of ours, and could end whoever walks through it. */
const DEEPEST = 64

/** Reads JSON text, with or without a byte-order mark. @throws InputError "document" where it is not JSON, or too deep */
export function parseJson(text: string): unknown {
  let value: unknown
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    throw new InputError('document', text.slice(0, 40), { code: 'json', why: (error as Error).message.slice(0, 120) })
  }
  if (isTooDeep(value)) throw new InputError('document', null, { code: 'depth', most: DEEPEST })
  return value
}

/** Level by level, so that no depth ends it. */
function isTooDeep(value: unknown): boolean {
  let level = [value]
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > DEEPEST) return true
    level = level.flatMap((one) => (one !== null && typeof one === 'object' ? Object.values(one) : []))
  }
  return false
}
