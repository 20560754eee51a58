// Sixteen people against a path of twelve parts, every reading, in two workers that begin cold, as a page's pool does.
import { fileURLToPath } from 'node:url'
import { isMainThread, parentPort, Worker } from 'node:worker_threads'
import { makePath, resolveBody, showPath } from '@/core'
import { makeRoutine } from './routine'

const PEOPLE = 16
const WORKERS = 2
const PARTS = 12
const SAMPLES = 60

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

async function timePool(): Promise<number> {
  const start = performance.now()
  let next = 0
  await Promise.all(
    Array.from({ length: WORKERS }, async () => {
      const worker = new Worker(fileURLToPath(import.meta.url))
      for (let who = next++; who < PEOPLE; who = next++) {
        const answered = new Promise((done) => worker.once('message', done))
        worker.postMessage(who)
        await answered
      }
      await worker.terminate()
    }),
  )
  return performance.now() - start
}

if (isMainThread) {
  const taken = await timePool()
  console.log(
    `path of 12 parts, 60 samples, ${PEOPLE} people in ${WORKERS} new workers ${(taken / 1000).toFixed(2)} s (wanted: 4 or less)`,
  )
} else parentPort?.on('message', (who: number) => parentPort?.postMessage(walk(who)))
