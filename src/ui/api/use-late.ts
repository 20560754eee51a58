import { useEffect, useState } from 'react'

/** Entries are on their way for a moment each time: said where they stay. */
const SAID_AFTER_MS = 1500

/** Whether something has been so for longer than a moment. */
export function useLate(isSo: boolean): boolean {
  const [late, setLate] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => setLate(isSo), isSo ? SAID_AFTER_MS : 0)
    return () => clearTimeout(timer)
  }, [isSo])
  return late && isSo
}
