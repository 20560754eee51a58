// Sixteen people against a path of twelve parts, every reading, in two workers that rest between rounds, as a page's do.
import { fileURLToPath } from 'node:url'
import { isMainThread, parentPort, Worker } from 'node:worker_threads'
import { makePath, resolveBody, showPath } from '@/core'
import { makeRoutine } from './routine'

const PEOPLE = 16
const WORKERS = 2
const PARTS = 12
const SAMPLES = 60
const ROUNDS = 6

/** Somebody of an invented class: short to tall, light to heavy, 60 to 90. */
const makePerson = (i: number) => ({
  stature: 1.5 + ((i * 7) % 38) / 100,
  mass: 52 + ((i * 11) % 45),
  sex: i % 2 ? ('male' as const) : ('female' as const),
  age: 60 + ((i * 7) % 31),
})

function walk(i: number): string {
  const body = resolveBody(makePerson(i))
  const routine = makeRoutine(PARTS, body)
  return showPath(makePath(body, routine, SAMPLES), routine).verdict
}

/** Each worker takes the next when it is free; how long it takes until all have walked. */
async function timeRound(workers: readonly Worker[]): Promise<number> {
  const start = performance.now()
  let next = 0
  await Promise.all(
    workers.map(async (worker) => {
      for (let who = next++; who < PEOPLE; who = next++) {
        const answered = new Promise((done) => worker.once('message', done))
        worker.postMessage(who)
        await answered
      }
    }),
  )
  return performance.now() - start
}

if (isMainThread) {
  const workers = Array.from({ length: WORKERS }, () => new Worker(fileURLToPath(import.meta.url)))
  const times: number[] = []
  for (let round = 0; round < ROUNDS; round++) times.push(await timeRound(workers))
  await Promise.all(workers.map((worker) => worker.terminate()))
  const seconds = (ms: number | undefined) => `${((ms ?? Number.NaN) / 1000).toFixed(2)} s`
  const [first, ...later] = times
  const median = later.sort((a, b) => a - b)[later.length >> 1]
  console.log(
    `path of 12 parts, 60 samples, ${PEOPLE} people in ${WORKERS} workers ${seconds(median)} once they are warm (wanted: 4 or less), ${seconds(first)} in new ones`,
  )
} else parentPort?.on('message', (who: number) => parentPort?.postMessage(walk(who)))
