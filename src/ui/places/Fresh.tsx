'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { hearChanges } from '@/ui/api/changes'
import { isAllSaved } from '@/ui/api/saver'

/** So long several changes are waited for together. */
const REST_MS = 1000

/**
 * What another page of this browser changed is shown here, too: what the server computed is asked for anew, while nobody
 * works on this page and nothing of it waits to be saved; on a page that is hidden, when it is seen again.
 */
export function Fresh() {
  const router = useRouter()
  useEffect(() => {
    let stale = false
    let timer: ReturnType<typeof setTimeout> | undefined
    const refresh = () => {
      clearTimeout(timer)
      if (!stale || document.hidden || !isAllSaved()) return
      stale = false
      router.refresh()
    }
    const hear = () => {
      stale = true
      clearTimeout(timer)
      if (!document.hasFocus()) timer = setTimeout(refresh, REST_MS)
    }
    const ends = hearChanges(hear)
    document.addEventListener('visibilitychange', refresh)
    window.addEventListener('blur', refresh)
    return () => {
      clearTimeout(timer)
      ends()
      document.removeEventListener('visibilitychange', refresh)
      window.removeEventListener('blur', refresh)
    }
  }, [router])
  return null
}
