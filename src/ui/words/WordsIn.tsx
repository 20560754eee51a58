import { type ReactNode, useMemo } from 'react'
import type { BendsDocument } from '@/documents/bends'
import { type Words, withBends } from '@/words/language'
import { WordsContext } from './use-words'

export type LanguageProps = { bends: BendsDocument; children: ReactNode }

/** What everything within is said in: a language, and the house's own words. */
export function WordsIn({ words, bends, children }: LanguageProps & { words: Words }) {
  const here = useMemo(() => withBends(words, bends), [words, bends])
  return <WordsContext value={here}>{children}</WordsContext>
}
