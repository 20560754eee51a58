import { useEffect, useState } from 'react'
import type { LessonDocument } from '@/documents/lesson-document'
import type { DoneAs, LogBody } from '@/documents/log-document'
import type { BenchPerson } from '@/keeping/bench'
import { pickMain } from '@/teaching/practice/main-piece'
import { openLessonWork, type Stock, toLearner } from '@/workers/lesson'

/** What each does of the hour's main piece, by id; empty while it is worked out, and on another day than today. */
export type Did = ReadonlyMap<string, DoneAs>

const NOTHING: Did = new Map()

type OfDay = { group: string; isToday: boolean; lesson: LessonDocument | null }

/** What the lesson gives everybody to do today: on another day they may have had another limit. */
export function useDid(members: readonly BenchPerson[], { group, isToday, lesson }: OfDay, stock: Stock): Did {
  const [did, setDid] = useState(NOTHING)
  useEffect(() => {
    const main = isToday && lesson && pickMain(lesson.pieces)
    if (!main) return
    let isOver = false
    const work = openLessonWork(stock)
    const learners = members.map((person) => toLearner(person, group))
    work
      .work(learners, { ...lesson, pieces: [main] })
      .then((worked) => {
        const found = members.flatMap(({ id }, i) => (worked[i]?.[0] ? [[id, worked[i][0].as] as const] : []))
        if (!isOver) setDid(new Map(found))
      })
      // Then nothing is filled in, as where nobody planned anything.
      .catch(() => {})
    return () => {
      isOver = true
      work.end()
    }
  }, [members, group, isToday, lesson, stock])
  return did
}

/** What the lesson, else the group's plan, has somebody do of the hour's main piece: shown until somebody says otherwise. */
export function asGiven(person: BenchPerson | undefined, of: OfDay & { did: Did }): Partial<LogBody> {
  const main = of.lesson && pickMain(of.lesson.pieces)
  const plan = person?.planned.find((one) => one.groupId === of.group && one.posture === main?.posture)
  const as = (person && of.did.get(person.id)) ?? plan?.kind
  if (!as) return {}
  return { as, ...(plan && as === 'level' && plan.level !== null && { level: plan.level }) }
}
