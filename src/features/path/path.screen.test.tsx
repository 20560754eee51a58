import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { today } from '@/keeping/clock'
import { readRecord, saveRecord } from '@/keeping/people'
import { listRoutines, saveRoutine } from '@/keeping/routines'
import { choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { keepOneStep, ONE_STEP } from '@/testing/screens/one-step'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'
import { usePlay } from './state/play'

const order = () => within(screen.getByRole('region', { name: 'The order' }))
const parts = () => within(order().getByRole('list')).getAllByRole('button')
const names = () => parts().map((part) => (part.getAttribute('aria-label') ?? '').replace(/^\d+\. |: [a-z ]+$/g, ''))
const walked = () =>
  waitFor(() => expect(parts()[0]?.getAttribute('aria-label')).toMatch(/: (steady|nearly|not like this)/))
const undo = () => fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
const kept = async (id: string) => (await listRoutines()).find((one) => one.id === id)?.document

beforeEach(async () => {
  // A page that is loaded begins anew.
  usePlay.setState(usePlay.getInitialState())
  await openHouse()
})

describe('what is said first', () => {
  it('is with what they can walk it; pressed, it is the routine, and nothing of it is beyond', async () => {
    await keepOneStep()
    await openPage(`/path?person=odalys-marrin&routine=${ONE_STEP}`)
    await walked()
    const said = within(screen.getByRole('region', { name: 'Whether they can walk it' }))
    expect(said.getByTestId('path-verdict').textContent).toMatch(/Not like this/)
    const take = await said.findByRole('button', { name: 'Walk it so' })
    expect(said.getByText(/^Odalys Marrin can walk this with/)).toBeTruthy()
    expect(said.getByText(/^As it is, /)).toBeTruthy()
    expectReadable()
    await user.click(take)
    await waitFor(() => expect(said.getByTestId('path-verdict').textContent).toMatch(/Steady|Nearly/))
    expect(said.queryByRole('button', { name: 'Walk it so' })).toBeNull()
    undo()
    await waitFor(() => expect(said.getByTestId('path-verdict').textContent).toMatch(/Not like this/))
  })
})

describe('the order of a routine', () => {
  beforeEach(async () => {
    await openPage('/path?person=yuki-harland&routine=quay-four')
    await walked()
  })

  it('is judged part by part, readable, and says who walks it in a sentence', () => {
    expectReadable()
    expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Yuki Harland walks/)
    expect(names().length).toBeGreaterThan(3)
  })

  it('parts move by keys, are doubled, mirrored and taken out, each one step back; down to two and no fewer', async () => {
    const before = names()
    await user.click(parts()[1] as HTMLElement)
    fireEvent.keyDown(parts()[1] as HTMLElement, { key: 'ArrowRight', altKey: true })
    await waitFor(() => expect(names()[2]).toBe(before[1]))
    await user.click(order().getByRole('button', { name: 'Once more' }))
    expect(names()).toHaveLength(before.length + 1)
    undo()
    undo()
    await waitFor(() => expect(names()).toEqual(before))
    for (let left = before.length; left > 2; left--) {
      await user.click(parts()[0] as HTMLElement)
      await user.click(order().getByRole('button', { name: 'Take out' }))
      expect(names()).toHaveLength(left - 1)
    }
    await user.click(parts()[0] as HTMLElement)
    expect(order().getByRole<HTMLButtonElement>('button', { name: 'Take out' }).disabled).toBe(true)
  })

  it('a part’s words, seconds and heading are its own, and kept', async () => {
    await user.click(parts()[1] as HTMLElement)
    const seconds = order().getByRole('spinbutton', { name: 'Seconds' })
    await user.clear(seconds)
    await user.type(seconds, '14{Enter}')
    await user.type(order().getByRole('textbox', { name: /say/i }), 'Pour, do not drop.')
    await user.tab()
    await waitFor(async () =>
      expect((await kept('quay-four'))?.parts[1]).toMatchObject({ seconds: 14, say: 'Pour, do not drop.' }),
    )
  })

  it('a part stands where it is typed to, or where its step leads', async () => {
    await user.click(parts()[2] as HTMLElement)
    await choose(/^Where it stands/, 'at a place of the room')
    const ahead = order().getByRole('spinbutton', { name: 'Ahead' })
    const led = Number(ahead.getAttribute('aria-valuenow'))
    expect(led).toBeGreaterThan(0)
    await user.clear(ahead)
    await user.type(ahead, `${led + 0.1}{Enter}`)
    await waitFor(async () => expect((await kept('quay-four'))?.parts[2]?.at?.yM).toBeCloseTo(led + 0.1))
    await walked()
    expectReadable()
    await choose(/^Where it stands/, 'where the step leads')
    await waitFor(async () => expect((await kept('quay-four'))?.parts[2]).not.toHaveProperty('at'))
  })

  it('a breath that is too short is answered by a slower count, a breath more, or the movement in two', async () => {
    const before = names()
    const half = screen.getByRole('spinbutton', { name: 'Half a breath' })
    await user.clear(half)
    await user.type(half, '1{Enter}')
    await walked()
    const trouble = within(screen.getByRole('region', { name: 'What is wrong on the way' }))
    await user.click(await trouble.findByRole('button', { name: /^\d+ more$/ }))
    expect(trouble.getAllByRole('button', { name: /^One breath more/ }).length).toBeGreaterThan(0)
    // Even two such breaths are too short.
    expect(trouble.queryByRole('button', { name: 'In two movements, a breath to each' })).toBeNull()
    await user.clear(half)
    await user.type(half, '2{Enter}')
    await walked()
    const [inTwo] = await trouble.findAllByRole('button', { name: 'In two movements, a breath to each' })
    await user.click(inTwo as HTMLElement)
    await waitFor(() => expect(names()).toHaveLength(before.length + 1))
    await walked()
    expectReadable()
    undo()
    await waitFor(() => expect(names()).toEqual(before))
  })

  it('an exercise in place goes in after what is open, and another routine as a phrase', async () => {
    const before = names().length
    await user.click(order().getByRole('button', { name: 'Add an exercise' }))
    const sheet = within(await screen.findByRole('dialog'))
    await user.click(sheet.getByRole('button', { name: 'Add it' }))
    await waitFor(() => expect(names().length).toBeGreaterThan(before))
    await walked()
    undo()
    await waitFor(() => expect(names()).toHaveLength(before))
  })
})

describe('a routine', () => {
  it('from a file that is none, or wrong in one field, changes nothing and names it', async () => {
    await openPage('/path?person=yuki-harland&routine=quay-four')
    await walked()
    const before = names()
    const open = async (text: string) =>
      user.upload(document.querySelector('input[type=file]') as HTMLInputElement, new File([text], 'mine.json'))
    await open('{"parts": [')
    expect((await screen.findByRole('alert')).textContent).toMatch(/mine\.json/)
    await open(
      JSON.stringify({
        format: 'nivrel.routine/1',
        parts: [{ posture: 'parallel' }, { posture: 'bow', headingDeg: 'north' }],
      }),
    )
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/entry 2|2nd|heading/i))
    expect(names()).toEqual(before)
    expect(await listRoutines()).toEqual([])
  })

  it('without a server is not called kept; saved elsewhere, one is told and chooses', async () => {
    await openPage('/path?person=yuki-harland&routine=quay-four')
    await walked()
    await user.click(parts()[1] as HTMLElement)
    setServerGone(true)
    await user.click(order().getByRole('button', { name: 'Once more' }))
    expect(await screen.findByText(/server does not answer/)).toBeTruthy()
    setServerGone(false)
    await waitFor(async () => expect(await kept('quay-four')).toBeTruthy())
    const [there] = await listRoutines()
    if (!there) throw new Error('no routine')
    await saveRoutine(there.id, { revision: there.revision, document: { ...there.document, name: 'Theirs' } })
    await user.click(order().getByRole('button', { name: 'Once more' }))
    const sheet = within(await screen.findByRole('dialog', { name: 'Saved in two places' }))
    expect((await kept('quay-four'))?.name).toBe('Theirs')
    await user.click(sheet.getByRole('button', { name: 'Open theirs' }))
    await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/Theirs/))
  })

  it('that nobody can walk says which part and why, and the rest is still answered', async () => {
    await openPage('/path?person=calla-wynd&routine=harbour-twelve')
    await walked()
    expectReadable()
    const marks = parts().map((part) => part.getAttribute('aria-label') ?? '')
    expect(marks.filter((mark) => /not like this/.test(mark)).length).toBeGreaterThan(0)
    expect(marks.every((mark) => /: (steady|nearly|not like this)/.test(mark))).toBe(true)
  })

  it('another person walks the same; who cannot be fetched is said', async () => {
    await openPage('/path?person=yuki-harland&routine=quay-four')
    await walked()
    setServerGone(true)
    await choose(/^Person: Yuki|Yuki Harland/, /Bram Tallow/)
    expect(await screen.findByText(/choose them once more/)).toBeTruthy()
    setServerGone(false)
    await choose(/^Person: Yuki|Yuki Harland/, /Bram Tallow/)
    await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Bram Tallow walks/))
  })
})

describe('a class on one path', () => {
  it('has a line for each who is here, and a mark leads to somebody’s way', async () => {
    await openPage('/path?group=slack-tide&routine=quay-four')
    const lines = within(await screen.findByRole('region', { name: 'The class on this path' }))
    // First everybody as it is asked, then what helps whom, then who walks at once in this room.
    expect((await lines.findAllByText(/what helps is not worked out yet/)).length).toBeTruthy()
    expect(lines.queryByRole('region', { name: 'The hall from above' })).toBeNull()
    expect(await lines.findByText(/walk it together/)).toBeTruthy()
    expect(lines.queryByText(/not worked out yet/)).toBeNull()
    const hall = within(lines.getByRole('region', { name: 'The hall from above' }))
    expect(hall.getByText(/in 6 by 8 m, a metre between them and 60 cm to the walls/)).toBeTruthy()
    // It is a class that walks: the order is nobody's.
    expect(parts()[1]?.getAttribute('aria-label')).not.toMatch(/: (steady|nearly|not like this)/)
    expectReadable()
    const people = lines.getAllByRole('listitem').filter((one) => within(one).queryAllByRole('button').length > 1)
    expect(people.length).toBeGreaterThan(8)
    // Whoever only sits walks no way, and no mark of theirs says that it holds.
    const marks = lines
      .getAllByRole('button', { name: /Wilhelm \S+, \d/ })
      .map((one) => one.getAttribute('aria-label') ?? '')
    expect(marks.every((mark) => !/: Steady$/.test(mark))).toBe(true)
    await user.click(lines.getByRole('button', { name: /^Isolde Farrant, 1 / }))
    await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Isolde Farrant walks/))
  })

  it('without whoever is away, who is named; stopped, it says so', async () => {
    const { revision, record } = await readRecord('isolde-farrant')
    await saveRecord('isolde-farrant', { revision, record: { ...record, away: [await today()] } })
    await keepOneStep()
    await openPage(`/path?group=slack-tide&routine=${ONE_STEP}`)
    const lines = within(await screen.findByRole('region', { name: 'The class on this path' }))
    expect(await lines.findByText(/Isolde Farrant/)).toBeTruthy()
    expect(lines.queryByRole('button', { name: /^Isolde Farrant, 1/ })).toBeNull()
    await user.click(await lines.findByRole('button', { name: /Stop|Cancel/ }))
    await waitFor(() => expect(lines.queryByRole('progressbar')).toBeNull())
    // What was not worked out says so, and nobody is counted as walking.
    expect(lines.getAllByText(/not worked out yet/).length).toBeGreaterThan(0)
    expect(lines.queryByText(/walk it together/)).toBeNull()
  })

  it('stopped after a change, nothing that was true of the path before is left standing', async () => {
    await keepOneStep()
    await openPage(`/path?group=slack-tide&routine=${ONE_STEP}`)
    const lines = within(await screen.findByRole('region', { name: 'The class on this path' }))
    expect(await lines.findByText(/walk it together/)).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'All of it mirrored' }))
    fireEvent.click(await lines.findByRole('button', { name: 'Stop' }))
    await waitFor(() => expect(lines.queryByRole('progressbar')).toBeNull())
    expect(lines.getAllByText(/not worked out yet/).length).toBeGreaterThan(0)
    expect(lines.queryByText(/walk it together/)).toBeNull()
    expect(lines.queryByRole('region', { name: 'The hall from above' })).toBeNull()
  })

  it('who was asked for comes with the page; a group that is not there is nobody’s, and somebody walks alone', async () => {
    await keepOneStep()
    await openPage(`/path?group=nobody-of-these&routine=${ONE_STEP}`)
    await walked()
    expect(screen.queryByRole('region', { name: 'The class on this path' })).toBeNull()
    setServerGone(true)
    await choose(/^Person: /, /^Slack Tide/)
    expect(await screen.findByText('The server does not answer; choose them once more.')).toBeTruthy()
    setServerGone(false)
    await choose(/^Person: /, /^Slack Tide/)
    expect(await screen.findByRole('region', { name: 'The class on this path' })).toBeTruthy()
    expect(screen.queryByText('The server does not answer; choose them once more.')).toBeNull()
  })
})
