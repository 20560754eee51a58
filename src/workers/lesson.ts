import type { LessonDocument } from '@/formats/lesson-document'
import type { Worked } from '@/formats/lessons/work-piece'
import type { Learner, LessonApi, Stock } from './lesson.worker'
import { openWorker } from './open-worker'
import { openPool, share } from './pool'

export type { Learner, Stock }

/** What is asked of everybody by a lesson, in workers that stay: what was worked out once is known the next time. */
export type LessonWork = {
  /** By learner, then by piece. */
  work: (learners: readonly Learner[], lesson: LessonDocument) => Promise<Worked[][]>
  end: () => void
}

const MOST_LEARNERS = 16

export function openLessonWork(stock: Stock): LessonWork {
  const { workers, end } = openPool(MOST_LEARNERS, () =>
    openWorker<LessonApi>(new Worker(new URL('./lesson.worker.ts', import.meta.url))),
  )
  const stocked = Promise.all(workers.map((worker) => worker.ask((api) => api.stockUp(stock))))
  stocked.catch(() => {})
  return {
    work: async (learners, lesson) => {
      await stocked
      // Each stays with their worker, which knows them; so nobody is worked out twice.
      const lanes = workers.map((worker, lane) => ({
        worker,
        mine: learners.flatMap((learner, i) => (i % workers.length === lane ? [{ learner, i }] : [])),
      }))
      const answers: Worked[][] = new Array(learners.length)
      await Promise.all(
        lanes.map(({ worker, mine }) =>
          share([worker], mine, async (one, { learner, i }) => {
            answers[i] = await one.ask((api) => api.work(learner, lesson))
          }),
        ),
      )
      return answers
    },
    end,
  }
}
