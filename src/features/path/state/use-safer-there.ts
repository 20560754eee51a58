import { useCallback, useEffect, useState } from 'react'
import type { RoutinePart, SaferWays, ShownPath } from '@/core'
import type { PersonDocument } from '@/documents/person-document'
import { toPerson } from '@/documents/to-core'
import { startSaferWays } from '@/workers/safer'
import { wayTo } from './way-to'

export type SaferThere = ReadonlyMap<number, SaferWays | 'broken'>

const REST_MS = 500
const NOTHING: SaferThere = new Map()

/** Safer ways to the parts that are wanted, one search after the other, the first wanted first; each is looked for once. */
export function useSaferThere(
  path: ShownPath | null,
  parts: readonly RoutinePart[] | null,
  person: PersonDocument,
  wanted: readonly number[],
) {
  const [found, setFound] = useState<{ path: ShownPath | null; ways: SaferThere }>({ path: null, ways: NOTHING })
  const known = found.path === path ? found.ways : NOTHING
  const next = wanted.find((at) => !known.has(at))
  const put = useCallback(
    (at: number, ways: SaferWays | 'broken') =>
      setFound((was) => ({ path, ways: new Map(was.path === path ? was.ways : NOTHING).set(at, ways) })),
    [path],
  )
  useEffect(() => {
    if (!path || !parts || next === undefined) return
    let cancel = () => {}
    let isMine = true
    const timer = setTimeout(() => {
      const asked = wayTo(path, parts, next)
      if (!asked) return put(next, 'broken')
      const search = startSaferWays(toPerson(person), asked.way, asked.anchor)
      cancel = search.cancel
      search.found.then((ways) => isMine && put(next, ways)).catch(() => isMine && put(next, 'broken'))
    }, REST_MS)
    return () => {
      isMine = false
      clearTimeout(timer)
      cancel()
    }
  }, [path, parts, person, next, put])
  return { known, put }
}
