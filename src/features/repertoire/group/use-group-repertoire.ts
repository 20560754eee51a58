import { useEffect, useMemo, useState } from 'react'
import type { SchoolId } from '@/core'
import type { Posture } from '@/documents/posture-document'
import { type Asked, listAsked } from '@/documents/repertoire-document'
import { bodyOf } from '@/documents/to-core'
import type { BenchPerson } from '@/keeping/bench'
import { type Answer, decidedIn } from '@/teaching/answer'
import { startRepertoire } from '@/workers/repertoire'

/** What everybody of a group can do of the library, one after the other, row after row as it is worked out. */
export function useGroupRepertoire(
  members: readonly BenchPerson[],
  group: string,
  library: readonly Posture[],
  school: SchoolId,
) {
  const asked: readonly Asked<Posture>[] = useMemo(() => listAsked(library), [library])
  const [found, setFound] = useState<ReadonlyMap<string, readonly (Answer | null)[]>>(new Map())
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    setFound(new Map(members.map(({ id }) => [id, asked.map(() => null)])))
    setFailed(false)
    let cancel = () => {}
    let ended = false
    const walk = async () => {
      for (const { id, document, decided } of members) {
        if (ended) return
        const { person } = bodyOf(document)
        const rows: (Answer | null)[] = asked.map(() => null)
        const run = startRepertoire(person, asked, school, decidedIn(decided, group), (at, row) => {
          rows[at] = row
        })
        cancel = run.cancel
        await run.done
        if (!ended) setFound((before) => new Map(before).set(id, rows))
      }
    }
    walk().catch(() => ended || setFailed(true))
    return () => {
      ended = true
      cancel()
    }
  }, [members, group, asked, school])
  const known = members.flatMap(({ id, name }) => {
    const rows = found.get(id)
    return rows?.every(Boolean) ? [{ name, found: rows }] : []
  })
  return { asked, known, left: members.length - known.length, failed }
}
