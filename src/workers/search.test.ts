import { expect, it, vi } from 'vitest'
import type { Opened } from './open-worker'
import { keepSearches } from './search'

vi.stubGlobal('navigator', { hardwareConcurrency: 2 })

type Api = { find: () => number }

/** Workers that are told when to answer, in the order in which they were opened. */
function openSome() {
  const opened: { told: (done: number) => void; answer: (found: number) => void; fail: () => void; ended: boolean }[] =
    []
  const search = keepSearches<Api>(() => {
    const mine = { told: (_: number) => {}, answer: (_: number) => {}, fail: () => {}, ended: false }
    opened.push(mine)
    return {
      ask: () =>
        new Promise((resolve, reject) => {
          mine.answer = resolve as (found: number) => void
          mine.fail = () => reject(new Error('it broke'))
        }),
      hear: (told) => {
        mine.told = told
      },
      end: () => {
        mine.ended = true
      },
    } satisfies Opened<Api>
  })
  return { opened, begin: (told?: (done: number) => void) => search((api) => api.find(), told) }
}

it('one that came to its end is warm for the next; what is told then is told to the next alone', async () => {
  const { opened, begin } = openSome()
  const [first, second] = [vi.fn(), vi.fn()]
  const one = begin(first)
  opened[0]?.told(0.5)
  opened[0]?.answer(7)
  expect(await one.found).toBe(7)
  const other = begin(second)
  expect(opened).toHaveLength(1)
  opened[0]?.told(0.2)
  opened[0]?.answer(8)
  expect(await other.found).toBe(8)
  expect([first.mock.calls, second.mock.calls]).toEqual([[[0.5]], [[0.2]]])
  // Whoever asked goes away when all is done: the worker stays.
  other.cancel()
  expect(opened[0]?.ended).toBe(false)
})

it('one that is stopped is ended at once, and the next begins in another', () => {
  const { opened, begin } = openSome()
  begin().cancel()
  expect(opened[0]?.ended).toBe(true)
  begin()
  expect(opened).toHaveLength(2)
})

it('one that broke is not taken again', async () => {
  const { opened, begin } = openSome()
  const { found } = begin()
  opened[0]?.fail()
  await expect(found).rejects.toThrow('it broke')
  expect(opened[0]?.ended).toBe(true)
  begin()
  expect(opened).toHaveLength(2)
})

it('two at once have a worker each', () => {
  const { opened, begin } = openSome()
  begin()
  begin()
  expect(opened).toHaveLength(2)
})
