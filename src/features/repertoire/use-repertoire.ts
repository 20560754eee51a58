import { useEffect, useMemo, useState } from 'react'
import type { Person, SchoolId } from '@/core'
import type { Posture } from '@/documents/posture-document'
import { type Asked, listAsked } from '@/documents/repertoire-document'
import type { Answer, Decided } from '@/teaching/answer'
import { startRepertoire } from '@/workers/repertoire'

/** What somebody can do of the library, row after row as it is worked out. */
export function useRepertoire(
  person: Person,
  library: readonly Posture[],
  school: SchoolId,
  decided: readonly Decided[],
) {
  const asked: readonly Asked<Posture>[] = useMemo(() => listAsked(library), [library])
  const [found, setFound] = useState<readonly (Answer | null)[]>([])
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    setFound(asked.map(() => null))
    setFailed(false)
    const run = startRepertoire(person, asked, school, decided, (at, row) =>
      setFound((before) => before.map((one, i) => (i === at ? row : one))),
    )
    run.done.catch(() => setFailed(true))
    return run.cancel
  }, [person, asked, school, decided])
  const left = asked.length - found.filter(Boolean).length
  return { asked, found, left, failed }
}
