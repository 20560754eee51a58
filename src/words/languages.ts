import type { Language } from '@/documents/languages'
import { en } from './en'
import { es } from './es'
import { type Messages, makeWords, mergeOver, type Words } from './language'

export const MESSAGES: Record<Language, Messages> = { en, es: mergeOver(es, en) }

const made = new Map<Language, Words>()

/** Every language: for a server and a command line. A screen loads its own alone. */
export function wordsIn(language: Language): Words {
  const known = made.get(language) ?? makeWords(language, MESSAGES[language])
  made.set(language, known)
  return known
}
