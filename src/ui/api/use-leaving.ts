import { type RefObject, useEffect } from 'react'
import { takeTyped } from '@/ui/words/use-taking'

/** When the page is left: what stands in its fields is taken first, then what is not saved is sent; what no server takes waits. */
export function useLeaving(saver: RefObject<{ leave: () => void; flush: () => Promise<void> }>): void {
  useEffect(() => {
    const leave = () => {
      takeTyped()
      saver.current.leave()
    }
    window.addEventListener('pagehide', leave)
    return () => {
      const left = saver.current
      left.flush().finally(() => left.leave())
      window.removeEventListener('pagehide', leave)
    }
  }, [saver])
}
