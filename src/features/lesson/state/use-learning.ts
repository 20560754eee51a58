import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { DoneDay, Practice, Reason } from '@/core'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import type { BenchPerson } from '@/keeping/bench'
import type { Worked } from '@/teaching/lessons/work-piece'
import { type Learning, listLearning, listOtherWays, type Mend, pickOtherWay } from '@/teaching/practice/lesson-loads'
import { type LessonWork, openLessonWork, type Stock, toLearner } from '@/workers/lesson'

/** Somebody of the class, with what they did before. */
export type Pupil = { person: BenchPerson; done: readonly DoneDay[]; mass: number; grave: readonly Reason[] }

const REST_MS = 120

/** What the lesson asks of everybody who is here, worked out anew as it changes; what is shown meanwhile is the last. */
export function useLearning(
  pupils: readonly Pupil[],
  group: string,
  lesson: LessonDocument,
  stock: Stock,
  on: string,
  rules: Practice,
): {
  learning: Learning<Pupil>[] | null
  of: LessonDocument
  isStale: boolean
  broken: boolean
  /** What other pieces would ask of everybody who is here. @throws where it cannot be worked out */
  tryOut: (pieces: PieceDocument[]) => Promise<Learning<Pupil>[]>
  /** What mends it for the hardest pressed in another way of the same piece: higher, or held shorter. */
  otherWay: Mend | null
} {
  const [found, setFound] = useState<{ of: LessonDocument; pupils: readonly Pupil[]; worked: Worked[][] } | null>(null)
  const [broken, setBroken] = useState(false)
  const work = useRef<LessonWork | null>(null)
  useEffect(() => {
    work.current = openLessonWork(stock)
    return () => work.current?.end()
  }, [stock])
  useEffect(() => {
    let isOver = false
    const timer = setTimeout(() => {
      work.current
        ?.work(
          pupils.map(({ person }) => toLearner(person, group)),
          lesson,
        )
        .then((worked) => {
          if (isOver) return
          setFound({ of: lesson, pupils, worked })
          setBroken(false)
        })
        .catch(() => {
          if (isOver) return
          setBroken(true)
          // What broke is made anew for the next change.
          work.current?.end()
          work.current = openLessonWork(stock)
        })
    }, REST_MS)
    return () => {
      isOver = true
      clearTimeout(timer)
    }
  }, [pupils, group, lesson, stock])
  const learning = useMemo(
    () => found && listLearning(found.pupils, found.worked, found.of.pieces, on, rules),
    [found, on, rules],
  )
  const [otherWay, setOtherWay] = useState<Mend | null>(null)
  useEffect(() => {
    setOtherWay(null)
    const hardest = learning?.[0]
    const pieces = found?.of.pieces
    if (!hardest || !pieces) return
    const others = listOtherWays(hardest, pieces)
    if (others.length === 0) return
    let isOver = false
    work.current
      ?.work([toLearner(hardest.person.person, group)], { ...lesson, pieces: others.map(({ piece }) => piece) })
      .then(([tried]) => !isOver && tried && setOtherWay(pickOtherWay(hardest, pieces, others, tried)))
      .catch(() => {})
    return () => {
      isOver = true
    }
  }, [learning, found, group, lesson])
  const tryOut = useCallback(
    async (pieces: PieceDocument[]) => {
      if (!work.current) throw new Error('nothing works it out')
      const worked = await work.current.work(
        pupils.map(({ person }) => toLearner(person, group)),
        { ...lesson, pieces },
      )
      return listLearning(pupils, worked, pieces, on, rules)
    },
    [pupils, group, lesson, on, rules],
  )
  return {
    learning,
    tryOut,
    otherWay,
    of: found?.of ?? lesson,
    isStale: found?.of !== lesson || found?.pupils !== pupils,
    broken,
  }
}
