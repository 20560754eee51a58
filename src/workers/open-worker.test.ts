import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { openWorker } from './open-worker'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

/** A worker that says nothing by itself. */
class Silent extends EventTarget {
  ended = false
  postMessage() {}
  terminate() {
    this.ended = true
  }
}

const open = (worker: Silent) => openWorker<{ find: () => number }>(worker as unknown as Worker)

it('lets nobody wait for a worker that broke', async () => {
  const worker = new Silent()
  const { ask } = open(worker)
  const asked = ask((api) => api.find())
  worker.dispatchEvent(new Event('error'))
  await expect(asked).rejects.toThrow('it broke')
  expect(worker.ended).toBe(true)
})

it('takes silence for death once it was asked, but not as long as it is heard of', async () => {
  const worker = new Silent()
  const { ask } = open(worker)
  // Nobody asks: an idle worker has nothing to say.
  await vi.advanceTimersByTimeAsync(90_000)
  expect(worker.ended).toBe(false)
  const told = vi.fn()
  ask((api) => api.find()).catch(told)
  for (let i = 0; i < 4; i++) {
    await vi.advanceTimersByTimeAsync(20_000)
    worker.dispatchEvent(new Event('message'))
  }
  expect(told).not.toHaveBeenCalled()
  await vi.advanceTimersByTimeAsync(31_000)
  expect(told).toHaveBeenCalledOnce()
  expect(worker.ended).toBe(true)
})

it('is silent about one that was ended on purpose', async () => {
  const worker = new Silent()
  const { ask, end } = open(worker)
  const told = vi.fn()
  ask((api) => api.find()).catch(told)
  end()
  await vi.advanceTimersByTimeAsync(60_000)
  expect(told).not.toHaveBeenCalled()
})
