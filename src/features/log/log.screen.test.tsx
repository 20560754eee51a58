import { screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { addDays } from '@/documents/days'
import { makeRecord } from '@/documents/record-document'
import { today } from '@/keeping/clock'
import { keepDecision } from '@/keeping/decisions'
import { takeGroups } from '@/keeping/groups'
import { keepLesson } from '@/keeping/lessons'
import { enterLog, readDay, readLogOf } from '@/keeping/log'
import { addRecords, takeAway } from '@/keeping/people'
import { button, choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { Elsewhere } from '@/testing/screens/navigation'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'

const scale = (name: string) => within(screen.getByRole('radiogroup', { name }))
const saved = () => waitFor(() => expect(screen.getByText('Everything is saved.')).toBeTruthy())

/** Two people of a group of their own, on a day before today. */
async function openDoor() {
  await openHouse('nobody')
  const [{ id: group } = { id: '' }] = await takeGroups({ names: ['Low Water'] })
  const make = (name: string) => ({ ...makeRecord(name, { statureM: 1.6, massKg: 60 }), groups: ['Low Water'] })
  const [ana, bo] = await addRecords({ records: [make('Ana Quist'), make('Bo Lind')] })
  const day = addDays(await today(), -3)
  await openPage(`/log?group=${group}&day=${day}`)
  return { group, day, ana: ana?.id ?? '', bo: bo?.id ?? '', rows: () => readDay(group, day) }
}

describe('the log at the door', () => {
  it('says that nobody is in a group yet where nobody is', async () => {
    await openHouse('nobody')
    await openPage('/log')
    expect(screen.getByRole('heading', { level: 1 })).toBeTruthy()
    expect(screen.queryByRole('radiogroup')).toBeNull()
  })

  it('what is left out is not said: no effort, no pain, no wobble is made up', async () => {
    const { rows } = await openDoor()
    await user.click(button('Came, Ana Quist'))
    await saved()
    const [row] = await rows()
    expect(row).toMatchObject({ came: true })
    for (const key of ['effort', 'pain', 'wobbles', 'touches', 'whole', 'as']) expect(row).not.toHaveProperty(key)
    expectReadable()
  })

  it('a figure is touched, touched again it is taken back; keys type ten and go left and right', async () => {
    const { rows } = await openDoor()
    const effort = scale('Effort, Ana Quist')
    await user.click(effort.getByRole('radio', { name: '4' }))
    await user.click(effort.getByRole('radio', { name: '4' }))
    await saved()
    expect((await rows())[0]?.effort ?? null).toBeNull()
    effort.getByRole('radio', { name: '0' }).focus()
    await user.keyboard('10')
    await saved()
    expect((await rows())[0]?.effort).toBe(10)
    await user.keyboard('{ArrowRight}{ArrowLeft}{ArrowLeft}')
    await saved()
    expect((await rows())[0]?.effort).toBe(8)
    await user.keyboard('{Backspace}')
    await saved()
    expect((await rows())[0]?.effort ?? null).toBeNull()
  })

  it('pain asks where and on which side; another place drops the side', async () => {
    const { rows } = await openDoor()
    await user.click(scale('Pain, Bo Lind').getByRole('radio', { name: '5' }))
    await choose(/^where, Bo Lind/, 'knee')
    await choose(/^side, Bo Lind/, 'left')
    await saved()
    expect((await rows())[0]).toMatchObject({ pain: 5, painAt: 'knee', painSide: 'left' })
    await choose(/^where, Bo Lind/, 'back')
    await saved()
    const [row] = await rows()
    expect([row?.painAt, row?.painSide ?? null]).toEqual(['back', null])
    expect(screen.queryByRole('button', { name: /^side, Bo Lind/ })).toBeNull()
  })

  it('who was not here has nothing more to say; a count goes up, down and to what is typed', async () => {
    const { rows, bo } = await openDoor()
    await user.click(button('Came, Ana Quist'))
    await user.click(button('Came, Ana Quist'))
    expect(screen.queryByRole('radiogroup', { name: 'Effort, Ana Quist' })).toBeNull()
    const wobbles = () => screen.getByRole('button', { name: /^Wobbles, Bo Lind: [–\d]/ })
    await user.click(wobbles())
    await user.click(wobbles())
    await user.click(button('Wobbles, Bo Lind: −1'))
    await saved()
    expect((await rows()).find(({ person }) => person === bo)?.wobbles).toBe(1)
    wobbles().focus()
    await user.keyboard('7')
    await saved()
    expect((await rows()).find(({ person }) => person === bo)?.wobbles).toBe(7)
    expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/1 of 2 written down/)
  })

  it('everybody came but whoever was said not to have; what was said before stays', async () => {
    const { rows, ana, bo } = await openDoor()
    await user.click(button('Came, Bo Lind'))
    await user.click(button('Came, Bo Lind'))
    await user.click(button('Everybody came'))
    await saved()
    const came = Object.fromEntries((await rows()).map((row) => [row.person, row.came]))
    expect(came).toEqual({ [ana]: true, [bo]: false })
  })

  it('today what each does of the lesson stands there before anybody says it, and goes in with the first touch', async () => {
    await openHouse('nobody')
    const [{ id: group } = { id: '' }] = await takeGroups({ names: ['Low Water'] })
    const make = (name: string) => ({ ...makeRecord(name, { statureM: 1.6, massKg: 60 }), groups: ['Low Water'] })
    const seated = { what: 'seatedOnly', value: true, source: { kind: 'clinician', name: 'Dr Fell' }, on: '2026-03-01' }
    const [ana, bo] = await addRecords({
      records: [make('Ana Quist'), { ...make('Bo Lind'), limits: [seated] } as ReturnType<typeof make>],
    })
    const day = await today()
    const document = { minutes: 20, pieces: [{ id: 'a', kind: 'posture' as const, posture: 'parallel', minutes: 20 }] }
    await keepLesson({ group, day, revision: 0, document })
    await openPage(`/log?group=${group}&day=${day}`)
    expect(await screen.findByRole('button', { name: /Bo Lind.*seated/ })).toBeTruthy()
    await user.click(button('Everybody came'))
    await saved()
    const did = Object.fromEntries((await readDay(group, day)).map((row) => [row.person, row.as]))
    expect(did).toEqual({ [ana?.id ?? '']: 'taught', [bo?.id ?? '']: 'seated' })
  })

  it('a near fall waits for its answer, through classes that went well', async () => {
    const { group, day, ana } = await openDoor()
    const before = { person: ana, group, day: addDays(day, -7), said: { came: true, nearFall: true } }
    await enterLog({ rows: [before] })
    const open = async () => {
      const { cleanup } = await import('@testing-library/react')
      cleanup()
      await openPage(`/log?group=${group}&day=${day}`)
    }
    await open()
    await user.click(button('Everybody came'))
    await saved()
    expect(screen.getByText('To be answered first: Ana Quist.')).toBeTruthy()
    await keepDecision({ person: ana, day, document: { proposed: 'same', taken: null, reason: 'Her doctor knows.' } })
    await open()
    expect(screen.queryByText(/^To be answered first/)).toBeNull()
  })

  it('without a server waits on this machine, also for another page, and is in the file as soon as one answers', async () => {
    const { rows, group, day } = await openDoor()
    setServerGone(true)
    await user.click(scale('Effort, Ana Quist').getByRole('radio', { name: '3' }))
    expect(await screen.findByText(/waits? for the server; it is kept on this machine/)).toBeTruthy()
    expect(await rows()).toEqual([])
    setServerGone(false)
    const { cleanup } = await import('@testing-library/react')
    cleanup()
    await openPage(`/log?group=${group}&day=${day}`)
    await saved()
    expect((await rows())[0]).toMatchObject({ effort: 3, came: true })
  })

  it('is in the file although this browser keeps nothing; without a server it says where the entries are', async () => {
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    const { rows } = await openDoor()
    await user.click(button('Came, Ana Quist'))
    await waitFor(async () => expect(await rows()).toMatchObject([{ came: true }]))
    setServerGone(true)
    await user.click(button('Came, Bo Lind'))
    expect((await screen.findByRole('alert')).textContent).toMatch(
      /keeps nothing on this machine.*One entry is on this page/,
    )
    expect(screen.queryByText(/kept on this machine\.$/)).toBeNull()
    setServerGone(false)
    await waitFor(async () => expect(await rows()).toHaveLength(2), { timeout: 10_000 })
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
    full.mockRestore()
  })

  it('entries on this machine that cannot be read are named, can be taken out, and are in nobody’s way', async () => {
    localStorage.setItem('nivrel.log', '[{"id":')
    const { rows } = await openDoor()
    expect(screen.getByRole('alert').textContent).toMatch(/One entry of the log on this machine cannot be read/)
    await user.click(button('Came, Ana Quist'))
    await waitFor(async () => expect(await rows()).toMatchObject([{ came: true }]))
    await user.click(button('Save them to a file'))
    expect(screen.queryByRole('alert')).toBeNull()
    expect(localStorage.getItem('nivrel.log')).toBeNull()
  })

  it('of somebody who was deleted meanwhile is refused: that is not called saved, the others are', async () => {
    const { rows, ana, bo } = await openDoor()
    await takeAway(ana)
    await user.click(scale('Effort, Ana Quist').getByRole('radio', { name: '3' }))
    expect((await screen.findByRole('alert')).textContent).toMatch(/^Not saved: Person/)
    expect(screen.queryByText('Everything is saved.')).toBeNull()
    await user.click(scale('Effort, Bo Lind').getByRole('radio', { name: '2' }))
    await waitFor(async () => expect((await rows()).map(({ person }) => person)).toEqual([bo]))
    expect(screen.getByText('Everything else is saved.')).toBeTruthy()
  })

  it('goes out and comes in; a list of somebody else’s and a file that is none are told apart', async () => {
    const { rows, day } = await openDoor()
    vi.spyOn(URL, 'revokeObjectURL').mockReturnValue()
    const made = vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:log')
    setServerGone(true)
    await user.click(button('As a file'))
    expect((await screen.findByRole('alert')).textContent).toMatch(/not taken out/)
    setServerGone(false)
    const bring = async (text: string, name = 'log.csv') =>
      user.upload(document.querySelector('input[type=file]') as HTMLInputElement, new File([text], name))
    await bring(`person,group,day,came,effort\nAna Quist,Low Water,${day},yes,5\nCleo Marsh,Low Water,${day},yes,2\n`)
    expect(await screen.findByText(/One row came in\. Not on the list, and left out: Cleo Marsh/)).toBeTruthy()
    expect((await rows())[0]).toMatchObject({ effort: 5, came: true })
    await bring(`person,group,day,effort\nAna Quist,Low Water,${day},95\n`)
    expect((await screen.findByRole('alert')).textContent).toMatch(/accepted is/)
    await bring('{"format": ', 'log.json')
    expect((await screen.findByRole('alert')).textContent).not.toMatch(/undefined|fetch/)
    await user.click(button('As a list (CSV)'))
    await waitFor(() => expect(made).toHaveBeenCalled())
    const [file] = made.mock.calls.at(-1) as [Blob]
    const list = await file.text()
    expect(list).toMatch(new RegExp(`Ana Quist,Low Water,${day}`))
  })
})

describe('the weeks of somebody', () => {
  beforeEach(async () => {
    await openHouse('history')
  })

  it('of whom nothing is written down says so; who is not there is nowhere', async () => {
    const [{ id } = { id: '' }] = await addRecords({ records: [makeRecord('Ola', { statureM: 1.6, massKg: 60 })] })
    await openPage(`/log?person=${id}`)
    expect(screen.getByText('Nothing is written down of Ola yet.')).toBeTruthy()
    expectReadable()
    await expect(openPage('/log?person=nobody-here')).rejects.toThrow(Elsewhere)
  })

  it('give the reason before the proposal; left with a reason it is kept, and can be decided again', async () => {
    await openPage('/log?person=isolde-farrant')
    const next = within(screen.getByRole('region', { name: 'Next week' }))
    await user.click(next.getByRole('button', { name: /^Cancel/ }))
    await user.type(next.getByRole('textbox'), 'her grandchild is ill{Enter}')
    expect(await next.findByText(/her grandchild is ill/)).toBeTruthy()
    await user.click(next.getByRole('button', { name: /again/ }))
    setServerGone(true)
    await user.click(next.getByRole('button', { name: 'Take it' }))
    expect((await next.findByRole('alert')).textContent).toMatch(/could not be saved/)
    setServerGone(false)
    await user.click(next.getByRole('button', { name: 'Take it' }))
    expect(await next.findByText(/Taken on .*harder/)).toBeTruthy()
    expectReadable()
  })

  it('a near fall in the last class is answered before anything is proposed; the group’s lines hear of it at once', async () => {
    const day = addDays(await today(), -1)
    await enterLog({
      rows: [{ person: 'isolde-farrant', group: 'slack-tide', day, said: { came: true, nearFall: true, effort: 2 } }],
    })
    await openPage('/log?person=isolde-farrant')
    const next = within(screen.getByRole('region', { name: 'Next week' }))
    expect(next.queryByRole('button', { name: 'Take it' })).toBeNull()
    expect(next.getByText(/nothing harder until this is answered/)).toBeTruthy()
    await user.type(next.getByRole('textbox'), 'a wet floor, her daughter knows{Enter}')
    expect(await next.findByText(/a wet floor/)).toBeTruthy()
    expectReadable()
  })

  it('are said in one line, and in a table under each chart for whoever does not see it; the others on request', async () => {
    await openPage('/log?person=bram-tallow')
    expect(screen.getByText(/^Since .*: effort 4 to 7, pain 0 to 5/)).toBeTruthy()
    const table = within(screen.getByRole('table', { name: 'Effort and pain, of 10' }))
    const last = table.getAllByRole('row').at(-1) as HTMLElement
    expect(
      within(last)
        .getAllByRole('cell')
        .map((cell) => cell.textContent),
    ).toEqual(['7', '5'])
    expect(screen.queryByRole('table', { name: 'What they did' })).toBeNull()
    await user.click(button(/more charts$/))
    expect(screen.getByRole('table', { name: 'What they did' })).toBeTruthy()
  })

  it('a page for the clinician names no diagnosis and makes up no order', async () => {
    await openPage('/log?person=bram-tallow')
    await user.click(button('A page for the clinician'))
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Bram Tallow: what was done and seen')
    expect(document.body.textContent).toMatch(/What this says is no diagnosis|no diagnosis/i)
    expectReadable()
    await user.click(button('Leave'))
    expect(screen.getByRole('region', { name: 'Next week' })).toBeTruthy()
  })

  it('hold everybody’s rows, readable', async () => {
    for (const id of ['odalys-marrin', 'calla-wynd', 'wilhelm-aster', 'marit-quill']) {
      if ((await readLogOf(id).catch(() => [])).length === 0) continue
      await openPage(`/log?person=${id}`)
      expectReadable()
    }
  })
})
