import { useEffect, useState } from 'react'
import type { RoutinePart, ShownPath, WalkFit } from '@/core'
import type { PersonDocument } from '@/formats/person-document'
import { toPerson } from '@/formats/to-core'
import { startWalkClass } from '@/workers/walk-class'
import { SAMPLES } from './use-walk'

export type FoundFit = WalkFit | 'searching' | 'broken'

const REST_MS = 400
const HEARS = { onProgress: () => {}, onWalked: () => {} }

/** With what somebody walks the routine, as in a class on it; null where they walk it as it is, and while the path itself is worked out. */
export function useFit(path: ShownPath | null, parts: readonly RoutinePart[] | null, person: PersonDocument) {
  const [found, setFound] = useState<{ path: ShownPath | null; fit: FoundFit }>({ path: null, fit: 'searching' })
  const asked = path && isToBeFitted(path) ? path : null
  useEffect(() => {
    if (!asked || !parts) return
    let cancel = () => {}
    let isMine = true
    const put = (fit: FoundFit) => isMine && setFound({ path: asked, fit })
    const timer = setTimeout(() => {
      const search = startWalkClass([{ person: toPerson(person), parts: [...parts] }], SAMPLES, HEARS)
      cancel = search.cancel
      search.found.then(([fit]) => fit && put(fit)).catch(() => put('broken'))
    }, REST_MS)
    return () => {
      isMine = false
      clearTimeout(timer)
      cancel()
    }
  }, [asked, parts, person])
  if (!asked) return null
  return found.path === asked ? found.fit : 'searching'
}

const isToBeFitted = ({ transitions, parts }: ShownPath): boolean =>
  parts[0]?.error !== null || transitions.some(({ verdict }) => verdict === null || verdict === 'beyond')
