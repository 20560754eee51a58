import { useEffect } from 'react'

type Lock = { release: () => Promise<void> }
type Wakeful = { wakeLock?: { request: (kind: 'screen') => Promise<Lock> } }

/** Keeps the screen awake while a lesson is taught, where the browser can; taken again when the page is seen again. */
export function useAwake(): void {
  useEffect(() => {
    let lock: Lock | null = null
    const take = () => {
      if (document.visibilityState !== 'visible') return
      ;(navigator as Wakeful).wakeLock
        ?.request('screen')
        .then((taken) => {
          lock = taken
        })
        // A battery that is low, or a setting: the lesson goes on all the same.
        .catch(() => {})
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      document.removeEventListener('visibilitychange', take)
      lock?.release().catch(() => {})
    }
  }, [])
}
