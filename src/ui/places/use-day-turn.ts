import { useRouter } from 'next/navigation'
import { useEffect } from 'react'

const CHECK = 30_000

/** When the day ends, what was lowered for it ends too: the page asks anew for what applies. */
export function useDayTurn(day: string): void {
  const router = useRouter()
  useEffect(() => {
    const timer = setInterval(() => {
      const now = new Date()
      const two = (n: number) => String(n).padStart(2, '0')
      if (`${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}` !== day) router.refresh()
    }, CHECK)
    return () => clearInterval(timer)
  }, [day, router])
}
