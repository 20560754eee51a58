'use client'

import { usePathname } from 'next/navigation'
import { useEffect, useState } from 'react'
import { listUnsent } from '@/ui/api/unsent'
import { ENGLISH } from '@/words/language'

/** Changes of other pages that no server took yet: they wait on this machine, and go on where their page is opened. */
export function UnsentNote() {
  const path = usePathname()
  const [pages, setPages] = useState<ReturnType<typeof listUnsent>>([])
  useEffect(() => {
    const here = `${path}${window.location.search}`
    setPages(listUnsent().filter(({ href }) => href !== here))
  }, [path])
  if (pages.length === 0) return null
  return (
    <p role="status" data-print="no" style={{ margin: '0.5rem 1.75rem 0' }}>
      {ENGLISH.say('places.unsent')}{' '}
      {pages.map(({ href, title }, i) => (
        <span key={href}>
          {i > 0 && ', '}
          <a href={href}>{title}</a>
        </span>
      ))}
    </p>
  )
}
