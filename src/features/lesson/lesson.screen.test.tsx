import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { addDays } from '@/documents/days'
import type { LessonDocument } from '@/documents/lesson-document'
import { today } from '@/keeping/clock'
import { keepLesson, listLessons } from '@/keeping/lessons'
import { readDay } from '@/keeping/log'
import { readRecord, saveRecord } from '@/keeping/people'
import { button, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'

const strip = () => within(screen.getByRole('list', { name: 'The hour, piece by piece' })).getAllByRole('button')
const names = () => strip().map((piece) => (piece.getAttribute('aria-label') ?? '').replace(/^\d+\. /, ''))
const saved = () => waitFor(() => expect(screen.getByText('Saved')).toBeTruthy())
const settled = () =>
  waitFor(() => expect(screen.queryByRole('progressbar', { name: 'Working it out for everybody…' })).toBeNull())
const GROUP = 'slack-tide'

let day = ''
const kept = async (): Promise<LessonDocument | undefined> =>
  (await listLessons()).find((one) => one.group === GROUP && one.day === day)?.document

const LESSON: LessonDocument = {
  minutes: 20,
  aim: 'even',
  pieces: [
    { id: 'a', kind: 'talk', minutes: 3 },
    { id: 'b', kind: 'posture', posture: 'bow', side: 'left', minutes: 8 },
    { id: 'c', kind: 'rest', minutes: 2 },
    { id: 'd', kind: 'exercise', exercise: 'side-to-side', minutes: 7 },
  ],
}

/** Opens the lesson of the group three weeks from now. */
async function openLesson(document?: LessonDocument) {
  day = addDays(await today(), 21)
  if (document) await keepLesson({ group: GROUP, day, revision: 0, document })
  await openPage(`/lesson?group=${GROUP}&day=${day}`)
}

beforeEach(async () => {
  await openHouse()
})

describe('a lesson', () => {
  it('without anybody in a group says what comes first', async () => {
    await openHouse('nobody')
    await openPage('/lesson')
    expect(screen.getByText(/No group has anybody in it yet/)).toBeTruthy()
  })

  it('is kept for no day before something is changed; a proposal fills the hour, and is one step back', async () => {
    await openLesson()
    expect(screen.getByText(/^Nothing is planned for this day/)).toBeTruthy()
    expect(await kept()).toBeUndefined()
    await user.click(button('Propose the hour'))
    await waitFor(() => expect(names().length).toBeGreaterThan(5))
    await saved()
    const proposed = await kept()
    expect(proposed?.pieces.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(proposed?.minutes)
    await settled()
    expect(screen.queryByText(/who works hardest/)).toBeNull()
    await user.click(button('How the hour tires'))
    expect(screen.getByText(/who works hardest/)).toBeTruthy()
    expectReadable()
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
    await waitFor(() => expect(screen.getByText(/^Nothing is planned for this day/)).toBeTruthy())
  })

  it('over a plan that is there a proposal shows both and asks; taken, the way back stands beside it', async () => {
    await openLesson(LESSON)
    const before = names()
    await user.click(button('Propose another'))
    const sheet = within(await screen.findByRole('dialog', { name: 'A plan for this hour' }))
    expect(within(sheet.getByRole('region', { name: 'As it is planned' })).getAllByRole('listitem')).toHaveLength(
      before.length,
    )
    expectReadable()
    await user.click(sheet.getByRole('button', { name: 'Keep it as it is planned' }))
    expect(names()).toEqual(before)
    await user.click(button('Propose another'))
    await user.click(await screen.findByRole('button', { name: 'Take the proposal' }))
    await waitFor(() => expect(names().length).toBeGreaterThan(before.length))
    expect(screen.getByText('The proposal is in the plan.')).toBeTruthy()
    await user.click(screen.getAllByRole('button', { name: 'Undo' })[0] as HTMLElement)
    await waitFor(() => expect(names()).toEqual(before))
  })

  it('has pieces moved and lengthened by keys, torn, doubled, mirrored and taken out, each undone', async () => {
    await openLesson(LESSON)
    const before = names()
    await user.click(strip()[1] as HTMLElement)
    await user.keyboard('{Alt>}{ArrowRight}{/Alt}')
    expect(names()).toEqual([before[0], before[2], before[1], before[3]])
    expect(document.activeElement).toBe(strip()[2])
    await user.keyboard('{Shift>}{ArrowLeft}{/Shift}')
    expect(screen.getByText('One minute left.')).toBeTruthy()
    await user.click(button('Split'))
    await user.click(button('Once more'))
    await user.click(button('On the other side, too'))
    expect(names().filter((name) => /bow/.test(name))).toHaveLength(4)
    expect(names().filter((name) => /right/.test(name))).toHaveLength(1)
    await user.click(button('Take out'))
    await saved()
    expect((await kept())?.pieces.filter(({ posture }) => posture === 'bow')).toHaveLength(3)
    for (let i = 0; i < 6; i++) fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
    await waitFor(() => expect(names()).toEqual(before))
    await saved()
    expect((await kept())?.pieces).toEqual(LESSON.pieces)
  })

  it('a piece’s words are taken while they are typed, emptied they are the usual ones', async () => {
    await openLesson(LESSON)
    await user.click(strip()[1] as HTMLElement)
    const words = screen.getByLabelText<HTMLInputElement>('What to say')
    await user.type(words, 'Softly, as on ice.')
    await user.tab()
    await saved()
    expect((await kept())?.pieces[1]?.say).toBe('Softly, as on ice.')
    await user.clear(words)
    await user.tab()
    await saved()
    expect((await kept())?.pieces[1]).not.toHaveProperty('say')
    expect(words.placeholder.length).toBeGreaterThan(3)
  })

  it('names who holds longer than their limit, and takes it back to that limit', async () => {
    const pieces = LESSON.pieces.map((piece) => (piece.id === 'b' ? { ...piece, holdS: 60 } : piece))
    const { revision, record } = await readRecord('yuki-harland')
    const limit = { what: 'holdMaxS' as const, value: 12, source: { kind: 'instructor' as const }, on: await today() }
    await saveRecord('yuki-harland', { revision, record: { ...record, limits: [...record.limits, limit] } })
    await openLesson({ ...LESSON, pieces })
    await settled()
    const load = within(screen.getByRole('region', { name: 'What the hour asks' }))
    const line = (await load.findAllByRole('listitem')).find((one) =>
      one.textContent?.startsWith(`${record.name} holds`),
    )
    expect(line?.textContent).toMatch(/60 s; at most 12 s/)
    await user.click(within(line as HTMLElement).getByRole('button', { name: 'Take it' }))
    await saved()
    expect((await kept())?.pieces[1]?.holdS).toBeLessThanOrEqual(12)
  })

  it('one side more than the other is evened by its mirror', async () => {
    await openLesson(LESSON)
    await user.click(button('Add its mirror'))
    await saved()
    expect((await kept())?.pieces.map(({ side }) => side).filter(Boolean)).toEqual(['left', 'right'])
  })

  it('without a server is not called saved; theirs and mine are told apart when it was saved elsewhere', async () => {
    await openLesson(LESSON)
    setServerGone(true)
    await user.click(strip()[1] as HTMLElement)
    await user.click(button('Take out'))
    expect((await screen.findByRole('alert')).textContent).toMatch(/Not saved: the server does not answer/)
    setServerGone(false)
    await saved()
    expect((await kept())?.pieces).toHaveLength(3)
    const there = (await listLessons()).find((one) => one.day === day)
    await keepLesson({ group: GROUP, day, revision: there?.revision ?? 0, document: { ...LESSON, pieces: [] } })
    await user.click(strip()[0] as HTMLElement)
    await user.click(button('Take out'))
    const sheet = within(await screen.findByRole('dialog', { name: 'Saved in two places' }))
    expect((await kept())?.pieces).toHaveLength(0)
    await user.click(sheet.getByRole('button', { name: 'Go on with mine' }))
    await waitFor(async () => expect((await kept())?.pieces).toHaveLength(2))
  })
})

describe('a term', () => {
  it('planned in part while the server goes away shows that part, and the rest follows', async () => {
    await openLesson(LESSON)
    const weeks = screen.getByRole('spinbutton', { name: 'Weeks' })
    await user.clear(weeks)
    await user.type(weeks, '2')
    await user.tab()
    const real = globalThis.fetch
    let puts = 0
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
      if (init?.method === 'PUT' && ++puts > 1) return Promise.reject(new TypeError('Failed to fetch'))
      return real(path, init)
    })
    const term = within(screen.getByRole('region', { name: 'The term' }))
    await user.click(term.getByRole('button', { name: 'Plan them' }))
    expect((await term.findByRole('alert')).textContent).toMatch(/^Not all of them are planned/)
    expect(term.getAllByRole('listitem')).toHaveLength(2)
    vi.stubGlobal('fetch', real)
    await user.click(term.getByRole('button', { name: 'Plan them' }))
    await waitFor(() => expect(term.getAllByRole('listitem').length).toBeGreaterThan(2))
    expect(term.queryByRole('alert')).toBeNull()
    const days = (await listLessons()).filter((one) => one.group === GROUP).map((one) => one.day)
    expect(days.sort()).toEqual([0, 7, 14].map((n) => addDays(day, n)).slice(0, days.length))
  })
})

describe('taught', () => {
  const tap = () => act(async () => void fireEvent.keyDown(document.body, { key: ' ' }))

  it('a day without a lesson says so; one with a lesson begins, goes on, back, waits and ends', async () => {
    await openPage(`/teach?group=${GROUP}&day=2030-01-01`)
    expect(screen.getByText('There is no lesson here. Plan one first.')).toBeTruthy()
    day = addDays(await today(), 0)
    await keepLesson({ group: GROUP, day, revision: 0, document: LESSON })
    await openPage(`/teach?group=${GROUP}&day=${day}`)
    const heading = () => screen.getAllByRole('heading', { level: 1 }).at(-1)?.textContent
    expect(heading()).toBe('Talk')
    await tap()
    await tap()
    expect(heading()).toMatch(/bow/i)
    expectReadable()
    await act(async () => void fireEvent.keyDown(document.body, { key: 'ArrowLeft' }))
    expect(heading()).toBe('Talk')
    for (let i = 0; i < 4; i++) await tap()
    expect(screen.getByText('The lesson is over.')).toBeTruthy()
    await waitFor(async () =>
      expect((await listLessons()).find((one) => one.day === day)?.document.taughtAt).toBeTruthy(),
    )
  })

  it('a near fall says first what to do; taken back it was none', async () => {
    day = addDays(await today(), 0)
    await keepLesson({ group: GROUP, day, revision: 0, document: LESSON })
    await openPage(`/teach?group=${GROUP}&day=${day}`)
    await tap()
    await tap()
    await user.click(button(/^Yuki/))
    await user.click(button('near fall'))
    expect(screen.getByText('Stop. Sit down. Ask.')).toBeTruthy()
    // No key goes on with the lesson while somebody is looked after.
    await tap()
    expect(screen.getByText('Stop. Sit down. Ask.')).toBeTruthy()
    const noted = async () =>
      (await readDay(GROUP, day))
        .filter(({ person }) => person === 'yuki-harland')
        .flatMap(({ happened }) => happened?.map(({ what }) => what) ?? [])
    await waitFor(async () => expect(await noted()).toEqual(['near-fall']))
    await user.click(button('It was none'))
    await waitFor(async () => expect(await noted()).toEqual([]))
  })
})
