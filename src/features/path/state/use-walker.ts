import { useEffect, useState } from 'react'
import type { BenchOfPerson, BenchPerson } from '@/server/bench'
import { ask } from '@/ui/api/ask'

/** Who walks: the first comes with the page, another is fetched when they are chosen; or everybody of a group. */
export function useWalker(first: BenchOfPerson, askedGroup: string | null) {
  const [walker, setWalker] = useState(first)
  const [group, setGroup] = useState<{ id: string; members: readonly BenchPerson[] } | null>(null)
  const chooseGroup = async (id: string) => {
    try {
      setGroup({ id, members: await ask<BenchPerson[]>(`/api/bench?group=${encodeURIComponent(id)}`, 'GET') })
      setProblem(false)
    } catch {
      setProblem(true)
    }
  }
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the address asks for, once
  useEffect(() => {
    if (askedGroup) chooseGroup(askedGroup)
  }, [])
  const [problem, setProblem] = useState(false)
  const choosePerson = async (id: string) => {
    try {
      setWalker(await ask<BenchOfPerson>(`/api/bench/${id}`, 'GET'))
      setGroup(null)
      setProblem(false)
    } catch {
      setProblem(true)
    }
  }
  return { walker, group, problem, choosePerson, chooseGroup }
}
