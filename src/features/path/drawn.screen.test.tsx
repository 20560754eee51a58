import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { listRoutines, saveRoutine } from '@/keeping/routines'
import { button, choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { keepOneStep, ONE_STEP } from '@/testing/screens/one-step'
import { openPage } from '@/testing/screens/open-page'
import { expectReadable } from '@/testing/screens/sight'
import { giveSizes } from '@/testing/screens/sizes'
import { usePlay } from './state/play'

const floor = () => within(screen.getByRole('region', { name: 'The floor of the routine' }))
const prints = () => floor().getAllByRole('button', { name: /^(\d+\. )?(left|right) foot/i })
const pins = () => floor().getAllByRole('button', { name: /^[abc]: / })
const cursor = () => screen.getByRole('slider', { name: 'Along time' })
const at = () => Number(cursor().getAttribute('aria-valuenow'))
const press = (element: HTMLElement, key: string, more = {}) => fireEvent.keyDown(element, { key, ...more })
const anywhere = (key: string) => fireEvent.keyDown(document.body, { key })
const stepVerdict = () => screen.findByTestId('step-verdict')

const WIDE = {
  feet: { left: { heel: [-0.45, 0] as [number, number] }, right: { heel: [0.45, 0] as [number, number] } },
}

beforeEach(async () => {
  giveSizes()
  usePlay.setState(usePlay.getInitialState())
  await openHouse()
})

it('a step that no leg reaches says how far the foot could be set, on the floor and among the troubles', async () => {
  const parts = [{ posture: 'parallel' }, { posture: 'horse', anchor: 'right', seconds: 10, with: WIDE }]
  await saveRoutine('quay-four', { revision: 0, document: { format: 'nivrel.routine/1', name: 'Wide', parts } })
  await openPage('/path?person=yuki-harland&routine=quay-four')
  await screen.findByTestId('path-floor')
  const says = /no longer than [\d.]+\scm on this line, from heel to heel/
  const trouble = within(screen.getByRole('region', { name: 'What is wrong on the way' }))
  await waitFor(() => expect(trouble.getAllByText(says).length).toBeGreaterThan(0))
  expectReadable()
})

describe('a routine that is drawn', () => {
  beforeEach(async () => {
    await openPage('/path?person=yuki-harland&routine=quay-four')
    await screen.findByTestId('path-floor')
  })

  it('says of each footprint what the foot did there, at a key’s reach', () => {
    expectReadable()
    const said = prints().map((print) => print.getAttribute('aria-label') ?? '')
    expect(said.length).toBeGreaterThan(4)
    expect(said.filter((one) => /where it starts/.test(one))).toHaveLength(2)
    for (const one of said) expect(one).toMatch(/left|right/i)
    fireEvent.focus(prints()[0] as HTMLElement)
    expect(floor().getByText(said[0] as string)).toBeTruthy()
    fireEvent.blur(prints()[0] as HTMLElement)
    expect(floor().queryByText(said[0] as string)).toBeNull()
  })

  it('a footprint opens its step by Enter; the foot goes on by arrow keys, with the verdict and one step back each', async () => {
    press(prints().at(-1) as HTMLElement, 'Enter')
    const verdict = await stepVerdict()
    expectReadable()
    const foot = screen.getByRole('button', { name: /foot: arrow keys move it/ })
    const before = verdict.textContent
    for (let i = 0; i < 12; i++) press(foot, 'ArrowUp')
    await waitFor(() => expect(verdict.textContent).not.toBe(before))
    press(foot, '.')
    const kept = async () => (await listRoutines()).find(({ id }) => id === 'quay-four')?.document
    await waitFor(async () => expect(JSON.stringify(await kept())).toMatch(/"heel"/))
    for (let i = 0; i < 13; i++) fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
    await waitFor(() => expect(verdict.textContent).toBe(before))
    await user.click(button(/whole routine/i))
    expect(await screen.findByTestId('path-floor')).toBeTruthy()
  })

  it('what is wrong is pinned to the floor as it stands in the list; a pin opens its way, Escape closes it', async () => {
    const list = within(screen.getByRole('region', { name: 'What is wrong on the way' }))
    const said = pins().map((pin) => (pin.getAttribute('aria-label') ?? '').slice(3))
    expect(said).toEqual(
      list.getAllByRole('listitem').map((item) => within(item).getAllByRole('button')[0]?.textContent),
    )
    press(pins()[0] as HTMLElement, 'Enter')
    const step = await stepVerdict()
    expect(usePlay.getState().at).toBeGreaterThan(0)
    // The pin is gone; one goes on where its way is shown.
    expect(document.activeElement?.contains(step)).toBe(true)
    expect(document.activeElement).not.toBe(document.body)
    anywhere('Escape')
    expect(await screen.findByTestId('path-floor')).toBeTruthy()
  })

  it('shows the steps as large as they can be, or the whole room', async () => {
    const width = () => floor().getByTestId('path-floor').querySelector('polygon')?.getAttribute('points')
    const before = width()
    await user.click(floor().getByRole('button', { name: 'The whole room' }))
    expect(width()).not.toBe(before)
    await user.click(floor().getByRole('button', { name: 'Only the steps' }))
    expect(width()).toBe(before)
  })

  it('time is gone through by key: a quarter second, a whole one, from phase to phase, to both ends', async () => {
    press(cursor(), 'Home')
    expect(at()).toBe(0)
    for (let i = 0; i < 4; i++) press(cursor(), 'ArrowRight')
    await waitFor(() => expect(usePlay.getState().at).toBeCloseTo(1, 9))
    press(cursor(), 'ArrowRight', { shiftKey: true })
    expect(usePlay.getState().at).toBeCloseTo(2, 9)
    press(cursor(), 'ArrowLeft')
    expect(usePlay.getState().at).toBeCloseTo(1.75, 9)
    const before = usePlay.getState().at
    press(cursor(), 'ArrowDown')
    const stop = usePlay.getState().at
    expect(stop).toBeGreaterThan(before)
    press(cursor(), 'ArrowUp')
    expect(usePlay.getState().at).toBeLessThan(stop)
    press(cursor(), 'End')
    await waitFor(() => expect(at()).toBe(Number(cursor().getAttribute('aria-valuemax'))))
    press(cursor(), 'ArrowRight')
    expect(usePlay.getState().at).toBeLessThanOrEqual(Number(cursor().getAttribute('aria-valuemax')) + 0.05)
    expect(cursor().getAttribute('aria-valuetext')).toMatch(/sure|held/i)
  })

  it('is played and stopped by a space, and seen from where and as fast as one says', async () => {
    press(cursor(), 'Home')
    anywhere(' ')
    expect(await screen.findByRole('button', { name: 'Pause' })).toBeTruthy()
    await waitFor(() => expect(usePlay.getState().at).toBeGreaterThan(0.05))
    anywhere(' ')
    expect(await screen.findByRole('button', { name: 'Play' })).toBeTruthy()
    const stood = usePlay.getState().at
    anywhere('.')
    expect(usePlay.getState().at).toBeGreaterThan(stood)
    anywhere(',')
    expect(usePlay.getState().at).toBeLessThanOrEqual(stood)
    await choose(/^Speed:/, 'quarter speed')
    await choose(/^Seen from:/, 'above')
    expect(usePlay.getState()).toMatchObject({ speed: 0.25, look: 'above' })
    const mirrored = button('Mirrored')
    expect(mirrored.getAttribute('aria-pressed')).toBe('false')
    anywhere('m')
    await waitFor(() => expect(mirrored.getAttribute('aria-pressed')).toBe('true'))
    anywhere('l')
    await waitFor(() => expect(button('Again and again').getAttribute('aria-pressed')).toBe('true'))
    // At its end it begins anew where it is played again and again.
    press(cursor(), 'End')
    anywhere(' ')
    await waitFor(() => expect(usePlay.getState().at).toBeLessThan(2))
    anywhere(' ')
    expectReadable()
  })
})

describe('somebody whose cautions nobody answered', () => {
  it('walks nothing that is called better than close, and it is said why', async () => {
    await keepOneStep()
    await openPage(`/path?person=severin-aldous&routine=${ONE_STEP}`)
    const said = within(await screen.findByRole('region', { name: 'Whether they can walk it' }))
    expect(said.getByText(/caution.* for .*left knee/)).toBeTruthy()
    expect(said.getByTestId('path-verdict').textContent).not.toMatch(/Steady/)
  })
})

describe('a class in the hall', () => {
  it('everybody stands in it once, said with what it takes; Enter opens their own path', async () => {
    await keepOneStep()
    await openPage(`/path?group=slack-tide&routine=${ONE_STEP}`)
    const hall = await screen.findByRole('region', { name: 'The hall from above' })
    const people = within(hall).getAllByRole('button')
    const names = people.map((one) => one.getAttribute('aria-label')?.split(':')[0])
    expect(new Set(names).size).toBe(names.length)
    const lines = screen.getAllByRole('listitem').filter((line) => line.hasAttribute('data-how'))
    expect(names).toHaveLength(lines.length)
    // Who holds on has chairs beside their feet, who sits one under them, who walks alone none.
    const chairs = (name: string) =>
      people.find((one) => one.getAttribute('aria-label')?.startsWith(name))?.querySelectorAll('polygon').length
    expect(chairs('Isolde Farrant')).toBe(0)
    expect(chairs('Marit Quill')).toBeGreaterThan(0)
    expect(chairs('Wilhelm Oster')).toBe(2)
    expectReadable()
    press(within(hall).getByRole('button', { name: /^Isolde Farrant:/ }), 'Enter')
    await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Isolde Farrant walks/))
  })
})
