import { render, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { router } from '@/testing/screens/navigation'
import { Saver } from '@/ui/api/saver'
import { Fresh } from './Fresh'

/** Another page of the same browser. */
let other: BroadcastChannel
const refresh = vi.fn()

beforeEach(() => {
  other = new BroadcastChannel('nivrel.changes')
  router.refresh = refresh
})
afterEach(() => {
  other.close()
  refresh.mockClear()
  vi.restoreAllMocks()
})

const see = (hidden: boolean) => {
  vi.spyOn(document, 'hidden', 'get').mockReturnValue(hidden)
  document.dispatchEvent(new Event('visibilitychange'))
}
/** Long enough for a message between pages to arrive. */
const arrive = () => new Promise((done) => setTimeout(done, 50))

it('what another page changed is read again: at once where nobody works here, else when the page is left', async () => {
  vi.spyOn(document, 'hasFocus').mockReturnValue(false)
  render(<Fresh />)
  other.postMessage('/api/people/somebody')
  await waitFor(() => expect(refresh).toHaveBeenCalledTimes(1), { timeout: 5000 })
  vi.mocked(document.hasFocus).mockReturnValue(true)
  other.postMessage('/api/people/somebody')
  await arrive()
  expect(refresh).toHaveBeenCalledTimes(1)
  window.dispatchEvent(new Event('blur'))
  expect(refresh).toHaveBeenCalledTimes(2)
  // Nothing new: nothing is asked for again.
  window.dispatchEvent(new Event('blur'))
  expect(refresh).toHaveBeenCalledTimes(2)
})

it('a page that is hidden reads again when it is seen, and never over what waits to be saved', async () => {
  render(<Fresh />)
  see(true)
  other.postMessage('/api/lessons')
  await arrive()
  const request = (value: number) => ({ path: '/api/lessons', body: { value } })
  const waits = new Saver<number, { revision: number }>(
    { what: 'lesson', title: 'Lesson', revision: 1, restMs: 60_000, request },
    () => {},
    async () => ({ revision: 2 }),
  )
  waits.change(1)
  see(false)
  expect(refresh).not.toHaveBeenCalled()
  await waits.flush()
  see(false)
  expect(refresh).toHaveBeenCalledTimes(1)
})
