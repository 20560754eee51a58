import { useCallback, useEffect, useState } from 'react'

const SHOWN_MS = 50

/** A stopwatch; with `most` it stops by itself. Seconds. */
export function useWatch(most: number | null, onEnd: () => void) {
  const [began, setBegan] = useState<number | null>(null)
  const [seconds, setSeconds] = useState(0)
  useEffect(() => {
    if (began === null) return
    const timer = setInterval(() => {
      const now = (performance.now() - began) / 1000
      setSeconds(most === null ? now : Math.min(most, now))
      if (most === null || now < most) return
      // Once, however late the page comes to show it.
      clearInterval(timer)
      setBegan(null)
      onEnd()
    }, SHOWN_MS)
    return () => clearInterval(timer)
  }, [began, most, onEnd])
  const start = useCallback(() => {
    setSeconds(0)
    setBegan(performance.now())
  }, [])
  /** @returns to a tenth of a second */
  const stop = useCallback((): number => {
    const now = began === null ? seconds : (performance.now() - began) / 1000
    const exact = Math.round(Math.min(most ?? Number.POSITIVE_INFINITY, now) * 10) / 10
    setSeconds(exact)
    setBegan(null)
    return exact
  }, [began, most, seconds])
  return { seconds, isOn: began !== null, start, stop }
}
