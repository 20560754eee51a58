import { useEffect, useState } from 'react'
import type { ShownPath } from '@/core'
import type { RoutineDocument } from '@/documents/routine-document'
import { toPerson } from '@/documents/to-core'
import { startWalk } from '@/workers/path'
import { startSaferWays } from '@/workers/safer'
import { findMends, type Mended } from './find-mends'
import { type Decidee, type Library, SAMPLES } from './use-walk'

export type FoundMends = Mended | 'searching' | null

/** Looks for the change of each way that somebody cannot walk; null where none is asked for, or found. */
export function useMends(
  path: ShownPath | null,
  routine: RoutineDocument,
  person: Decidee,
  library: Library,
): FoundMends {
  const [found, setFound] = useState<{ path: ShownPath | null; mended: Mended | null }>({ path: null, mended: null })
  useEffect(() => {
    if (!path) return
    let isMine = true
    let cancel = () => {}
    const core = toPerson(person.document)
    const run = <T>(search: { found: Promise<T>; cancel: () => void }): Promise<T> => {
      cancel = search.cancel
      return isMine ? search.found : Promise.reject(new Error('another path is asked for'))
    }
    findMends(routine, person, library, {
      walk: (parts) => run(startWalk(core, parts, SAMPLES)),
      ways: (way, anchor) => run(startSaferWays(core, way, anchor)),
    })
      .catch(() => null)
      .then((mended) => isMine && setFound({ path, mended }))
    return () => {
      isMine = false
      cancel()
    }
  }, [path, routine, person, library])
  if (!path) return null
  return found.path === path ? found.mended : 'searching'
}
