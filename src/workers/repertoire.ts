import type { Person, SchoolId } from '@/core'
import type { Asked } from '@/documents/repertoire-document'
import type { Answer, Decided } from '@/teaching/answer'
import { openWorker } from './open-worker'
import { keepPool, share } from './pool'
import type { RepertoireApi } from './repertoire.worker'

const openPool = keepPool(() =>
  openWorker<RepertoireApi>(new Worker(new URL('./repertoire.worker.ts', import.meta.url))),
)

/** What somebody can do of the library, row after row as it is found. */
export function startRepertoire(
  person: Person,
  asked: readonly Asked[],
  school: SchoolId,
  decided: readonly Decided[],
  onRow: (at: number, found: Answer) => void,
): { done: Promise<unknown>; cancel: () => void } {
  const { workers, rest, end } = openPool(asked.length)
  const rows = asked.map((one, at) => ({ one, at }))
  const done = share(workers, rows, async (worker, { one, at }) =>
    onRow(at, await worker.ask((api) => api.row(person, one, school, decided))),
  )
  done.then(rest, end)
  return { done, cancel: end }
}
