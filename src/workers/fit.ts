import type { FitOptions, Measures, OwnForm, Person, Taught } from '@/core'
import type { FitApi } from './fit.worker'
import type { FitFound } from './fit-found'
import { type Opened, openWorker } from './open-worker'
import { keepPool, share } from './pool'

export type { FitFound, FoundLevels } from './fit-found'

/** What a fit found, and a form of their own for each whom no level fits. */
export type ClassFound = FitFound & { own: (OwnForm | null)[] }

export type ClassSearch = { found: Promise<ClassFound>; cancel: () => void }

const openPool = keepPool(() => openWorker<FitApi>(new Worker(new URL('./fit.worker.ts', import.meta.url))))

/**
 * Fits a class in a pool of workers: people are weighed side by side, the choice is made in one place. What comes out
 * does not depend on which worker was quicker. Cancelling ends the workers.
 */
export function startClassFit(
  people: readonly Person[],
  measures: Measures,
  taught: Taught,
  options: FitOptions,
  onProgress: (done: number) => void,
): ClassSearch {
  const { workers, rest, end } = openPool(people.length)
  const found = fitIn(workers, people, measures, taught, options, onProgress)
  found.then(rest, end)
  return { found, cancel: end }
}

async function fitIn(
  pool: readonly Opened<FitApi>[],
  people: readonly Person[],
  measures: Measures,
  taught: Taught,
  options: FitOptions,
  onProgress: (done: number) => void,
): Promise<ClassFound> {
  let done = 0
  const tick = () => onProgress(++done / (people.length + 1))
  const weighed = await share(pool, people, async (worker, person) => {
    const one = await worker.ask((api) => api.weigh(person, measures, taught, options.chairs))
    tick()
    return one
  })
  const [first] = pool as [Opened<FitApi>]
  const fit = await first.ask((api) => api.choose([...people], measures, taught, weighed, options))
  const alone = people.flatMap((person, i) => (fit.found.of[i] === -1 ? [{ person, i }] : []))
  const forms = await share(pool, alone, (worker, { person }) =>
    worker.ask((api) => api.ownForm(person, measures, taught)),
  )
  const own: (OwnForm | null)[] = people.map(() => null)
  alone.forEach(({ i }, at) => {
    own[i] = forms[at] as OwnForm
  })
  onProgress(1)
  return { ...fit, own }
}
