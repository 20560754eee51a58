import { useEffect, useState } from 'react'
import type { LessonDocument } from '@/documents/lesson-document'
import type { BenchPerson } from '@/keeping/bench'
import type { Worked } from '@/teaching/lessons/work-piece'
import { openLessonWork, type Stock, toLearner } from '@/workers/lesson'

/** What everybody does of everything, worked out at the start: the lesson goes on without a server. */
export function useWorked(
  people: readonly BenchPerson[],
  lesson: LessonDocument,
  stock: Stock,
  group: string,
): Worked[][] | null {
  const [worked, setWorked] = useState<Worked[][] | null>(null)
  useEffect(() => {
    const work = openLessonWork(stock)
    work
      .work(
        people.map((person) => toLearner(person, group)),
        lesson,
      )
      .then(setWorked)
      .catch(() => {})
    return work.end
  }, [stock, people, lesson, group])
  return worked
}
