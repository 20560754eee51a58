import { useRouter } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { dayOf } from '@/formats/day'

const CHECK = 30_000

/**
 * When the day ends, what was lowered for it ends too: the page asks anew for what applies. Once for each day, so that a
 * server that reckons in another day is not asked for ever.
 */
export function useDayTurn(day: string): void {
  const router = useRouter()
  const asked = useRef('')
  useEffect(() => {
    const look = () => {
      const now = dayOf(new Date())
      if (now === day || asked.current === now) return
      asked.current = now
      router.refresh()
    }
    look()
    const timer = setInterval(look, CHECK)
    return () => clearInterval(timer)
  }, [day, router])
}
