import { expect, it, vi } from 'vitest'
import type { Opened } from './open-worker'
import { keepPool, share } from './pool'

/** A worker that takes as long as it is told. */
const slow = (ms: number): Opened<never> => ({
  ask: () => new Promise((done) => setTimeout(() => done(ms as never), ms)),
  hear: () => {},
  end: () => {},
})

it('whoever is free takes the next task; answers come in the order of the tasks', async () => {
  const taken = new Map<Opened<never>, number[]>()
  const [quick, late] = [slow(2), slow(40)]
  const answers = await share([quick, late], [0, 1, 2, 3, 4, 5], async (worker, task) => {
    taken.set(worker, [...(taken.get(worker) ?? []), task])
    await worker.ask(async () => undefined as never)
    return task * 10
  })
  expect(answers).toEqual([0, 10, 20, 30, 40, 50])
  expect(taken.get(quick)?.length).toBeGreaterThan(taken.get(late)?.length as number)
})

it('one that breaks breaks the whole: nobody gets half of a class', async () => {
  const broken: Opened<never> = { ...slow(0), ask: () => Promise.reject(new Error('it broke')) }
  await expect(share([broken, slow(1)], [1, 2, 3], (worker) => worker.ask(async () => 1 as never))).rejects.toThrow(
    'it broke',
  )
})

it('who has rested is taken again, who was stopped is not', () => {
  vi.stubGlobal('navigator', { hardwareConcurrency: 2 })
  let opened = 0
  const ended: number[] = []
  const openPool = keepPool((): Opened<never> => {
    const own = opened++
    return { ...slow(0), end: () => ended.push(own) }
  })
  const first = openPool(1)
  first.rest()
  // Whoever asked goes away later: those that rest stay.
  first.end()
  const second = openPool(1)
  expect(second.workers).toEqual(first.workers)
  second.end()
  expect(ended).toEqual([0])
  expect(openPool(1).workers).not.toEqual(first.workers)
})
