import type { InputError } from '@/core'

/** What bad input is answered with: the field as a dotted path, its value, and what would be accepted. */
export const toErrorDocument = ({ field, value, accepts }: InputError) => ({
  error: { field, value: value ?? null, accepts },
})
