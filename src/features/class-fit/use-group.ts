import { useEffect, useRef, useState } from 'react'
import type { BenchPerson } from '@/keeping/bench'
import { ask } from '@/ui/api/ask'

/** No id of a group. */
export const EVERYBODY = '*'

const fetchMembers = (group: string) =>
  ask<BenchPerson[]>(`/api/bench?group=${group === EVERYBODY ? '' : encodeURIComponent(group)}`, 'GET')

export type LoadedGroup = { group: string | null; members: readonly BenchPerson[] }

/** The group that is open: the first comes with the page, another is fetched when it is chosen. */
export function useGroup(first: LoadedGroup) {
  const [loaded, setLoaded] = useState(first)
  const [group, setGroup] = useState(first.group ?? EVERYBODY)
  const [problem, setProblem] = useState<string | null>(null)
  const reloads = useRef(0)
  // The page was made anew (the day turned): what is open is fetched anew if it is another.
  useEffect(() => setLoaded(first), [first])
  const isHere = (loaded.group ?? EVERYBODY) === group
  useEffect(() => {
    if (isHere) return
    let left = false
    fetchMembers(group)
      .then((members) => {
        if (left) return
        setLoaded({ group: group === EVERYBODY ? null : group, members })
        setProblem(null)
      })
      .catch(() => !left && setProblem('The group could not be fetched; choose it once more.'))
    return () => {
      left = true
    }
  }, [group, isHere])
  /** Fetches those of the group anew: somebody's day changed. */
  const reload = async () => {
    reloads.current++
    const mine = reloads.current
    const members = await fetchMembers(group)
    // Several marks in a row: only what was asked for last is shown.
    if (mine !== reloads.current) return
    setLoaded({ group: group === EVERYBODY ? null : group, members })
  }
  return {
    reload,
    group,
    people: isHere ? loaded.members : NOBODY,
    isLoading: !isHere && problem === null,
    problem,
    setGroup,
  }
}

const NOBODY: readonly BenchPerson[] = []
