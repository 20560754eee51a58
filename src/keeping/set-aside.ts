import type { z } from 'zod'
import { InputError, type Refusal } from '@/core'
import { parse } from '@/documents/parse'

/** Something kept that cannot be read: named, so that it is seen, and whole, so that it can be taken out. */
export type SetAside = {
  what: 'person' | 'posture' | 'plan' | 'routine' | 'lesson' | 'log' | 'decision' | 'house'
  id: string
  name: string
  why: Refusal
  raw: unknown
}

export type Read<T> = { value: T; aside: null } | { value: null; aside: SetAside }

/** Reads what is kept; what cannot be read is set aside and the rest goes on. */
export function readKept<S extends z.ZodType>(
  schema: S,
  raw: unknown,
  about: Pick<SetAside, 'what' | 'id' | 'name'>,
): Read<z.infer<S>> {
  try {
    return { value: parse(schema, raw, about.what), aside: null }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { value: null, aside: { ...about, why: { field: error.field, accepts: error.accepts }, raw } }
  }
}
