import { fireEvent, screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { readBench } from '@/keeping/bench'
import { choose } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { expectReadable } from '@/testing/screens/sight'
import { giveSizes } from '@/testing/screens/sizes'
import { useBench } from './state/store'

const WHO = 'isolde-farrant'
const press = (element: Element, key: string, more = {}) => fireEvent.keyDown(element, { key, ...more })
const undo = () => fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
const beam = () => screen.getByRole('slider', { name: 'Weight on the left foot' })
const onLeft = () => Number(beam().getAttribute('aria-valuenow'))
const foot = (side: 'left' | 'right') => screen.getByRole('button', { name: new RegExp(`^${side} foot: arrow keys`) })
const draft = async () => (await readBench(WHO)).draft?.stance
/** What is on the bench is in the file. */
const isKept = () =>
  waitFor(async () => expect((await draft())?.loadLeftPct).toBe(useBench.getState().stance.loadLeftPct))

beforeEach(async () => {
  giveSizes()
  useBench.setState(useBench.getInitialState())
  await openHouse()
  await openPage(`/bench?person=${WHO}`)
  const shows = () => screen.getByRole('region', { name: 'What the stance shows' }).textContent
  await waitFor(() => expect(shows()).toMatch(/Steady|Nearly|Not like this/))
})

describe('a stance that is drawn', () => {
  it('weight goes over by arrow keys, by tenths by page keys, never past either end, one step back each', async () => {
    const before = onLeft()
    press(beam(), 'ArrowLeft')
    await waitFor(() => expect(onLeft()).toBe(before + 1))
    press(beam(), 'PageDown')
    await waitFor(() => expect(onLeft()).toBe(before - 9))
    for (let i = 0; i < 10 && onLeft() > 0; i++) press(beam(), 'PageDown')
    expect(onLeft()).toBe(0)
    undo()
    await waitFor(() => expect(onLeft()).toBeGreaterThan(0))
    expectReadable()
    await isKept()
  })

  it('a foot is moved by the centimetre and by the millimetre, and turned, and that is kept', async () => {
    const { heel, toeOutDeg } = useBench.getState().stance.feet.left
    press(foot('left'), 'ArrowUp')
    press(foot('left'), 'ArrowLeft', { shiftKey: true })
    press(foot('left'), ',')
    await waitFor(async () => {
      const now = (await draft())?.feet.left
      expect(now?.heel[1]).toBeCloseTo(heel[1] + 0.01, 6)
      expect(now?.heel[0]).toBeCloseTo(heel[0] - 0.001, 6)
      expect(Math.abs((now?.toeOutDeg ?? 0) - (toeOutDeg ?? 0))).toBeCloseTo(1, 6)
    })
    press(foot('left'), 'x')
    expectReadable()
  })

  it('a chair that is held is moved by key, and taken away', async () => {
    fireEvent.keyDown(document.body, { key: 'm' })
    await choose(/^left hand on:/i, /chair/)
    const chair = () => screen.queryByRole('button', { name: /^chair back, \w+ hand: arrow keys/ })
    await waitFor(() => expect(chair()).toBeTruthy())
    const places = async () => (await draft())?.supports?.[0]?.at
    await waitFor(async () => expect(await places()).toBeTruthy())
    const [x, y] = (await places()) ?? [0, 0]
    press(chair() as HTMLElement, 'ArrowRight')
    press(chair() as HTMLElement, 'ArrowDown')
    await waitFor(async () => {
      const now = await places()
      expect(now?.[0]).toBeCloseTo((x ?? 0) + 0.01, 9)
      expect(now?.[1]).toBeCloseTo((y ?? 0) - 0.01, 9)
    })
    press(chair() as HTMLElement, 'Delete')
    await waitFor(() => expect(chair()).toBeNull())
    undo()
    await waitFor(() => expect(chair()).toBeTruthy())
    await isKept()
  })

  it('the centre is moved by key: it takes the weight with it', async () => {
    const centre = screen.getByLabelText('Centre of mass: arrow keys move the weight')
    const before = onLeft()
    for (let i = 0; i < 5; i++) press(centre, 'ArrowLeft')
    await waitFor(() => expect(onLeft()).toBeGreaterThan(before))
    await isKept()
  })
})
