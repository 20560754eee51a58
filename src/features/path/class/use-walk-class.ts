import { useEffect, useState } from 'react'
import type { WalkFit } from '@/core'
import type { RoutineDocument } from '@/formats/routine-document'
import { toPerson } from '@/formats/to-core'
import type { BenchPerson } from '@/server/bench'
import { startWalkClass } from '@/workers/walk-class'
import { type Library, SAMPLES, sizeRoutine } from '../state/use-walk'

/** Somebody of the class and how they walk the path; null where the routine cannot be sized to them. */
export type Walker = { person: BenchPerson; fit: WalkFit | null }

type ClassWalk = { walkers: Walker[] | null; progress: number | null; broken: boolean; cancel: () => void }

const REST_MS = 150

/** Everybody who is here against the path, worked out side by side; anew when either changes. */
export function useWalkClass(people: readonly BenchPerson[], routine: RoutineDocument, library: Library): ClassWalk {
  const [state, setState] = useState<ClassWalk>({ walkers: null, progress: null, broken: false, cancel: () => {} })
  useEffect(() => {
    const here = people.filter(({ mark }) => mark !== 'away')
    if (here.length === 0) return
    let end = () => {}
    const timer = setTimeout(() => {
      const sized = here.map((person) => ({ person, parts: sizeRoutine(routine, person.document, library).parts }))
      const able = sized.flatMap(({ person, parts }) =>
        parts ? [{ id: person.id, person: toPerson(person.document), parts }] : [],
      )
      const search = startWalkClass(able, SAMPLES, (progress) => setState((was) => ({ ...was, progress })))
      end = search.cancel
      setState((was) => ({
        ...was,
        progress: 0,
        broken: false,
        cancel: () => {
          search.cancel()
          setState((now) => ({ ...now, progress: null }))
        },
      }))
      search.found
        .then((fits) => {
          const walkers = sized.map(({ person }): Walker => {
            const at = able.findIndex(({ id }) => id === person.id)
            return { person, fit: at < 0 ? null : (fits[at] as WalkFit) }
          })
          setState((was) => ({ ...was, walkers, progress: null }))
        })
        .catch(() => setState((was) => ({ ...was, progress: null, broken: true })))
    }, REST_MS)
    return () => {
      clearTimeout(timer)
      end()
    }
  }, [people, routine, library])
  return state
}
