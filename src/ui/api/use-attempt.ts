import { useCallback, useState } from 'react'
import { sayUnsaved } from './ask'

/** Work that may fail: why it did is said until something works. `attempt` tells whether it did. */
export function useAttempt() {
  const [problem, setProblem] = useState<string | null>(null)
  const attempt = useCallback(async (work: () => Promise<unknown>, unanswered?: string): Promise<boolean> => {
    try {
      await work()
      setProblem(null)
      return true
    } catch (error) {
      setProblem(sayUnsaved(error, unanswered))
      return false
    }
  }, [])
  return { problem, attempt }
}
