import { useState } from 'react'
import { RefusedError } from './ask'

/** Work that may fail: why it did is said until something works. `attempt` tells whether it did. */
export function useAttempt() {
  const [problem, setProblem] = useState<string | null>(null)
  const attempt = async (work: () => Promise<unknown>, failed: string): Promise<boolean> => {
    try {
      await work()
      setProblem(null)
      return true
    } catch (error) {
      setProblem(error instanceof RefusedError ? error.message : failed)
      return false
    }
  }
  return { problem, attempt }
}
