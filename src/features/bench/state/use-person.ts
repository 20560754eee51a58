import { useCallback, useEffect, useState } from 'react'
import type { BenchOfPerson, KeptStance, NamedPerson } from '@/keeping/bench'
import { useAttempt } from '@/ui/api/use-attempt'
import { useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { fetchBench, fetchNames } from './api'
import { openOnBench, putOnBench, toState, useBench } from './store'
import { useDraft } from './use-draft'

/** Puts somebody on the bench, and over what was there what was kept for them and is opened: undo leads back. */
export function putOpened({ person, draft }: BenchOfPerson, opened: KeptStance | null): void {
  putOnBench(person, draft ? toState(draft) : null)
  if (opened) openOnBench(toState(opened))
}

const unfetchedIn = (words: Words) => words.say('screens.bench.theyCouldNotFetched')

/** Who is on the bench, what is kept for them, and who else could be put on it. */
export function usePerson(known: readonly NamedPerson[], first: BenchOfPerson, opened: KeptStance | null) {
  const words = useWords()
  const [people, setPeople] = useState(known)
  const [person, setPerson] = useState(first.person)
  const [kept, setKept] = useState(first.kept)
  const show = useCallback((found: BenchOfPerson, kept: KeptStance | null) => {
    putOpened(found, kept)
    setPerson(found.person)
    setKept(found.kept)
  }, [])
  const draft = useDraft(first, (newer) => show(newer, opened))
  // The page was made anew, for another day or another address.
  useEffect(() => {
    setPerson(first.person)
    setKept(first.kept)
  }, [first])
  const { begin, saveNow } = draft
  const { problem, attempt } = useAttempt()
  const choosePerson = useCallback(
    async (id: string) => {
      // Whoever is on the bench stays on it as they are.
      if (id === useBench.getState().person.id) return
      await attempt(async () => {
        await saveNow()
        const found = await fetchBench(id)
        begin(found)
        show(found, null)
        // The address follows the bench: a reload shows whoever is on it.
        window.history.replaceState(null, '', `/bench?person=${encodeURIComponent(id)}`)
      }, unfetchedIn(words))
    },
    [begin, saveNow, show, attempt, words],
  )
  /** Somebody who was just added is on the list, and on the bench. */
  const takeNew = async (id: string) => {
    await attempt(async () => setPeople(await fetchNames()), unfetchedIn(words))
    await choosePerson(id)
  }
  return { people, person, kept, setKept, draft, problem, choosePerson, takeNew }
}
