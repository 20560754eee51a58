import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { now } from '@/clock'
import { dayOf } from '@/documents/day'

const CHECK = 30_000

/**
 * The user's day. A page comes with the day that the server reckoned in; where it is another one here, or has become
 * one, what the page shows goes by it at once, and what the server computed is asked for anew. Once for each day, so that
 * a server that reckons in another day is not asked for ever.
 */
export function useDayTurn(day: string): string {
  const router = useRouter()
  const [here, setHere] = useState(day)
  useEffect(() => {
    const look = () => setHere(dayOf(now()))
    look()
    const timer = setInterval(look, CHECK)
    return () => clearInterval(timer)
  }, [])
  const isOther = here !== day
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked once for each day
  useEffect(() => {
    if (isOther) router.refresh()
  }, [here])
  return here
}
