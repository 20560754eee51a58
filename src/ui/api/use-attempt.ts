import { useCallback, useState } from 'react'
import { useWords } from '@/ui/words/use-words'
import { sayUnsaved } from './ask'

/** Work that may fail: why it did is said until something works. `attempt` tells whether it did. */
export function useAttempt() {
  const words = useWords()
  const [problem, setProblem] = useState<string | null>(null)
  const attempt = useCallback(
    async (work: () => Promise<unknown>, unanswered?: string): Promise<boolean> => {
      try {
        await work()
        setProblem(null)
        return true
      } catch (error) {
        setProblem(sayUnsaved(error, words, unanswered))
        return false
      }
    },
    [words],
  )
  return { problem, attempt }
}
