'use client'

import { createContext, type ReactNode, useContext, useMemo } from 'react'
import type { BendsDocument } from '@/documents/bends'
import { type Words, withBends, wordsIn } from '@/words/language'

const Context = createContext<Words>(wordsIn('en'))

/** What everything within is said in: the language, and the house's own words. */
export function WordsFrame({ bends, children }: { bends: BendsDocument; children: ReactNode }) {
  const words = useMemo(() => withBends(wordsIn('en'), bends), [bends])
  return <Context value={words}>{children}</Context>
}

export const useWords = (): Words => useContext(Context)
