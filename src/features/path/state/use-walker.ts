import { useRef, useState } from 'react'
import type { BenchOfPerson, BenchPerson } from '@/keeping/bench'
import { ask } from '@/ui/api/ask'

/** Everybody of a group, who walk together. */
export type WalkingGroup = { id: string; members: readonly BenchPerson[] }

/** Who walks: the first comes with the page, another is fetched when they are chosen; or everybody of a group. */
export function useWalker(first: BenchOfPerson, firstGroup: WalkingGroup | null) {
  const [walker, setWalker] = useState(first)
  const [group, setGroup] = useState(firstGroup)
  const asked = useRef(0)
  /** Whoever was chosen last walks, whichever answer comes first. */
  const fetchLast = async <T>(path: string, take: (found: T) => void) => {
    const mine = ++asked.current
    try {
      const found = await ask<T>(path, 'GET')
      if (mine === asked.current) take(found)
      setProblem(false)
    } catch {
      if (mine === asked.current) setProblem(true)
    }
  }
  const chooseGroup = (id: string) =>
    fetchLast<BenchPerson[]>(`/api/bench?group=${encodeURIComponent(id)}`, (members) => setGroup({ id, members }))
  const [problem, setProblem] = useState(false)
  const choosePerson = (id: string) =>
    fetchLast<BenchOfPerson>(`/api/bench/${id}`, (found) => {
      setWalker(found)
      setGroup(null)
    })
  return { walker, group, problem, choosePerson, chooseGroup }
}
