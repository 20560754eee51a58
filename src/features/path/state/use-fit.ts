import { useEffect, useState } from 'react'
import type { RoutinePart, ShownPath, WalkFit } from '@/core'
import type { RoutineDocument } from '@/documents/routine-document'
import { toPerson } from '@/documents/to-core'
import { startWalk } from '@/workers/path'
import { startWalkClass } from '@/workers/walk-class'
import { isWalked } from './find-mends'
import { takeFit } from './take'
import { type Decidee, type Library, SAMPLES, sizeRoutine } from './use-walk'

/** `unfit`: what a class would have them do is past a limit where it is looked at as closely as the page does. */
export type FoundFit = WalkFit | 'searching' | 'unfit' | 'broken'

const REST_MS = 400
const HEARS = { onProgress: () => {}, onWalked: () => {} }

/**
 * With what somebody walks the routine, as in a class on it, walked once more as it would be taken; null where they walk
 * it as it is, and while the path itself is worked out.
 */
export function useFit(
  path: ShownPath | null,
  parts: readonly RoutinePart[],
  routine: RoutineDocument,
  person: Decidee,
  library: Library,
): FoundFit | null {
  const [found, setFound] = useState<{ path: ShownPath | null; fit: FoundFit }>({ path: null, fit: 'searching' })
  const asked = path && !isWalked(path) ? path : null
  useEffect(() => {
    if (!asked) return
    let cancel = () => {}
    let isMine = true
    const core = toPerson(person.document)
    const look = async (): Promise<FoundFit> => {
      const search = startWalkClass([{ person: core, parts: [...parts] }], SAMPLES, HEARS)
      cancel = search.cancel
      const [fit] = await search.found
      if (!isMine || !fit?.parts) return fit ?? 'broken'
      const taken = sizeRoutine(takeFit(routine, { ...fit, parts: fit.parts }), person, library).parts
      if (!taken) return 'unfit'
      const walk = startWalk(core, taken, SAMPLES)
      cancel = walk.cancel
      return isWalked(await walk.found) ? fit : 'unfit'
    }
    const timer = setTimeout(
      () =>
        look()
          .catch(() => 'broken' as const)
          .then((fit) => isMine && setFound({ path: asked, fit })),
      REST_MS,
    )
    return () => {
      isMine = false
      clearTimeout(timer)
      cancel()
    }
  }, [asked, parts, routine, person, library])
  if (!asked) return null
  return found.path === asked ? found.fit : 'searching'
}
