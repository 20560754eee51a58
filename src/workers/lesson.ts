import type { HouseWays } from '@/documents/choices-document'
import type { LessonDocument } from '@/documents/lesson-document'
import type { PersonDocument } from '@/documents/person-document'
import { mergeLibrary, type Posture, type PostureDocument } from '@/documents/posture-document'
import type { RoutineDocument } from '@/documents/routine-document'
import { ROUTINE_IDS } from '@/documents/routines/routines'
import { toPerson } from '@/documents/to-core'
import { type Decided, decidedIn } from '@/teaching/answer'
import type { Worked } from '@/teaching/lessons/work-piece'
import type { FoundWayCause } from '@/teaching/practice/way-causes'
import type { Words } from '@/words/language'
import type { Named } from '@/words/lessons'
import { readShipped, sayRoutineName } from '@/words/routines'
import type { Learner, LessonApi, Stock } from './lesson.worker'
import { type Opened, openWorker } from './open-worker'
import { keepPool, share } from './pool'

export type { Learner, Stock }

type Own<D> = readonly { id: string; document: D }[]

/** A house's postures and routines: as shipped, with what it changed or made. */
export type HouseStock = Stock & { postures: readonly Posture[] }

export const makeStock = (
  own: Own<PostureDocument>,
  routines: Own<RoutineDocument>,
  ways: HouseWays,
  words: Words,
): HouseStock => ({
  postures: mergeLibrary(own),
  routines: Object.fromEntries([
    ...ROUTINE_IDS.map((id) => [id, readShipped(id, words)] as const),
    ...routines.map(({ id, document }) => [id, document] as const),
  ]),
  ways,
})

/** What the pieces of a lesson are called by. */
export const nameStock = ({ postures, routines }: HouseStock, words: Words): Named => ({
  postures,
  routineName: (id) => sayRoutineName(id, routines[id] ?? null, words),
})

/** Somebody with what was decided for them, as a group, by its id, asks. */
export const toLearner = (
  { document, decided }: { document: PersonDocument; decided: readonly Decided[] },
  group: string,
): Learner => ({ person: toPerson(document), decided: decidedIn(decided, group) })

/** What is asked of everybody by a lesson, in workers that stay: what was worked out once is known the next time. */
/** Where on their ways through a lesson the usual causes of complaints are largest, in a worker of its own. */
export function findCausesOnWays(
  stock: Stock,
  learner: Learner,
  lesson: LessonDocument,
  complaints: readonly string[],
): { found: Promise<FoundWayCause[][]>; cancel: () => void } {
  const { workers, rest, end } = openPool(1)
  const [worker] = workers as [Opened<LessonApi>]
  const found = worker
    .ask((api) => api.stockUp(stock))
    .then(() => worker.ask((api) => api.findCauses(learner, lesson, [...complaints])))
  found.then(rest, end)
  return { found, cancel: end }
}

export type LessonWork = {
  /** By learner, then by piece. */
  work: (learners: readonly Learner[], lesson: LessonDocument) => Promise<Worked[][]>
  end: () => void
}

const MOST_LEARNERS = 16

const openPool = keepPool(() => openWorker<LessonApi>(new Worker(new URL('./lesson.worker.ts', import.meta.url))))

export function openLessonWork(stock: Stock): LessonWork {
  const { workers, end } = openPool(MOST_LEARNERS)
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
