import { useCallback, useEffect, useState } from 'react'
import type { SchoolId } from '@/core'
import type { BenchOfPerson, NamedPerson, OnBench } from '@/server/bench'
import { fetchBench, fetchNames } from './api'
import { type BenchState, putOnBench, useBench } from './store'
import { useDraft } from './use-draft'

/** The server has checked the school against the list. */
export const toState = ({ posture, school, stance }: OnBench): Omit<BenchState, 'person'> => ({
  posture,
  school: school as SchoolId,
  stance,
})

/** Who is on the bench, what is kept for them, and who else could be put on it. */
export function usePerson(known: readonly NamedPerson[], first: BenchOfPerson) {
  const [people, setPeople] = useState(known)
  const [person, setPerson] = useState(first.person)
  const [kept, setKept] = useState(first.kept)
  const show = useCallback((opened: BenchOfPerson) => {
    putOnBench(opened.person, opened.draft ? toState(opened.draft) : null)
    setPerson(opened.person)
    setKept(opened.kept)
  }, [])
  const draft = useDraft(first, show)
  // The page was made anew, for another day or another address.
  useEffect(() => {
    setPerson(first.person)
    setKept(first.kept)
  }, [first])
  const { begin, saveNow } = draft
  const choosePerson = useCallback(
    async (id: string) => {
      // Whoever is on the bench stays on it as they are.
      if (id === useBench.getState().person.id) return
      await saveNow()
      const opened = await fetchBench(id)
      begin(opened)
      show(opened)
      // The address follows the bench: a reload shows whoever is on it.
      window.history.replaceState(null, '', `/?person=${encodeURIComponent(id)}`)
    },
    [begin, saveNow, show],
  )
  /** Somebody who was just added is on the list, and on the bench. */
  const takeNew = async (id: string) => {
    setPeople(await fetchNames())
    await choosePerson(id)
  }
  return { people, person, kept, setKept, draft, choosePerson, takeNew }
}
