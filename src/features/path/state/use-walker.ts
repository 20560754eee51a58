import { useState } from 'react'
import type { BenchOfPerson } from '@/server/bench'
import { ask } from '@/ui/api/ask'

/** Who walks: the first comes with the page, another is fetched when they are chosen. */
export function useWalker(first: BenchOfPerson) {
  const [walker, setWalker] = useState(first)
  const [problem, setProblem] = useState(false)
  const choosePerson = async (id: string) => {
    try {
      setWalker(await ask<BenchOfPerson>(`/api/bench/${id}`, 'GET'))
      setProblem(false)
    } catch {
      setProblem(true)
    }
  }
  return { walker, problem, choosePerson }
}
