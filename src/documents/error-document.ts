import type { InputError } from '@/core'
import type { DocumentWords } from './document-words'

const LONGEST = 120

/** What bad input is answered with: the field as a dotted path, its value, shortened, and what would be accepted. */
export const toErrorDocument = ({ field, value, accepts }: InputError, words: Pick<DocumentWords, 'accepts'>) => ({
  error: { field: shorten(field), value: shortenValue(value ?? null), accepts: words.accepts(accepts) },
})

const shorten = (text: string): string => (text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text)

/** Small values as they are; of others the beginning of their text. */
export function shortenValue(value: unknown): unknown {
  if (typeof value === 'string') return shorten(value)
  const text = JSON.stringify(value) ?? String(value)
  return text.length > LONGEST ? shorten(text) : value
}
