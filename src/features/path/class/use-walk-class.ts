import { useEffect, useRef, useState } from 'react'
import type { Verdict, WalkFit } from '@/core'
import type { RoutineDocument } from '@/documents/routine-document'
import { toPerson } from '@/documents/to-core'
import type { BenchPerson } from '@/keeping/bench'
import { decidedIn } from '@/teaching/answer'
import { startWalkClass } from '@/workers/walk-class'
import { type Library, SAMPLES, sizeRoutine } from '../state/use-walk'

/** Somebody of the class against the path: each way as it is asked, then what it takes; null while that is not known. */
export type Walker = {
  person: BenchPerson
  /** Whether the routine can be sized to them. */
  sized: boolean
  asked: (Verdict | null)[] | null
  fit: WalkFit | null
  /** Of what was there before. */
  stale: boolean
}

type ClassWalk = { walkers: Walker[] | null; progress: number | null; broken: boolean; cancel: () => void }

const REST_MS = 150

/** What is of the path before is no answer to this one. */
const stop = (was: ClassWalk): ClassWalk => ({
  ...was,
  progress: null,
  walkers: was.walkers?.map((one) => (one.stale ? { ...one, asked: null, fit: null, stale: false } : one)) ?? null,
})

/** Everybody who is here against the path, worked out side by side; anew when either changes. */
export function useWalkClass(
  people: readonly BenchPerson[],
  group: string,
  routine: RoutineDocument,
  library: Library,
): ClassWalk {
  const [state, setState] = useState<ClassWalk>({ walkers: null, progress: null, broken: false, cancel: () => {} })
  // What changes under the hand rests first; what is there when the page opens does not.
  const rest = useRef(0)
  useEffect(() => {
    const here = people.filter(({ mark }) => mark !== 'away')
    if (here.length === 0) return
    let end = () => {}
    // Of a search that was ended an answer may still be on its way.
    let isMine = true
    const timer = setTimeout(() => {
      const sized = here.map((person) => ({
        person,
        parts: sizeRoutine(routine, { ...person, decided: decidedIn(person.decided, group) }, library).parts,
      }))
      const able = sized.flatMap(({ person, parts }) =>
        parts ? [{ id: person.id, person: toPerson(person.document), parts }] : [],
      )
      const set = (next: (was: ClassWalk) => ClassWalk) => {
        if (isMine) setState(next)
      }
      const put = (id: string | undefined, known: Partial<Walker>) =>
        set((was) => ({
          ...was,
          walkers: was.walkers?.map((one) => (one.person.id === id ? { ...one, ...known } : one)) ?? null,
        }))
      const search = startWalkClass(able, SAMPLES, {
        onProgress: (progress) => set((was) => ({ ...was, progress })),
        onWalked: (who, asked) => put(able[who]?.id, { asked, fit: null, stale: false }),
      })
      end = search.cancel
      set((was) => ({
        walkers: sized.map(({ person, parts }) => {
          const before = was.walkers?.find((one) => one.person.id === person.id)
          const known = parts && before ? before : { asked: null, fit: null }
          return { asked: known.asked, fit: known.fit, person, sized: parts !== null, stale: parts !== null }
        }),
        progress: 0,
        broken: false,
        cancel: () => {
          search.cancel()
          set(stop)
        },
      }))
      search.found
        .then((fits) => {
          for (const [i, fit] of fits.entries()) put(able[i]?.id, { asked: fit.asked, fit, stale: false })
          set((was) => ({ ...was, progress: null }))
        })
        .catch(() => set((was) => ({ ...stop(was), broken: true })))
    }, rest.current)
    rest.current = REST_MS
    return () => {
      isMine = false
      clearTimeout(timer)
      end()
    }
  }, [people, group, routine, library])
  return state
}
