import { createContext, useContext, useMemo } from 'react'
import { type Say, sayUnder, type Words } from '@/words/language'

export const WordsContext = createContext<Words | null>(null)

/** What things are said in here. */
export function useWords(): Words {
  const words = useContext(WordsContext)
  if (!words) throw new Error('nothing says here in which language')
  return words
}

/** Messages of one group, in what is said here. */
export function useSay(group: string): Say {
  const words = useWords()
  return useMemo(() => sayUnder(words, group), [words, group])
}
