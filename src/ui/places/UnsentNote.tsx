'use client'

import { usePathname } from 'next/navigation'
import { useEffect, useState } from 'react'
import { sendUnsent, type Waiting } from '@/ui/api/unsent'
import { useWords } from '@/ui/words/use-words'

const AGAIN_MS = 5000

/** Changes of other pages that no server took: they are sent from whatever page is open, and named while they wait. */
export function UnsentNote() {
  const words = useWords()
  const path = usePathname()
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    let left = false
    const send = async () => {
      const still = await sendUnsent(`${path}${window.location.search}`)
      if (left) return
      setWaiting(still)
      if (still.length > 0) timer = setTimeout(send, AGAIN_MS)
    }
    send()
    return () => {
      left = true
      clearTimeout(timer)
    }
  }, [path])
  if (waiting.length === 0) return null
  return (
    <p role="status" data-print="no" style={{ margin: '0.5rem 1.75rem 0' }}>
      {words.say('places.unsent')}{' '}
      {waiting.map(({ href, title }, i) => (
        <span key={href}>
          {i > 0 && ', '}
          <a href={href}>{title}</a>
        </span>
      ))}
    </p>
  )
}
