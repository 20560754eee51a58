import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { makeRecord } from '@/documents/record-document'
import { listKeptOf, readBench } from '@/keeping/bench'
import { addRecords } from '@/keeping/people'
import { button, choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'
import { useBench } from './state/store'

const verdict = () =>
  screen.getByRole('region', { name: 'What the stance shows' }).querySelector('h2')?.textContent ?? ''
const spin = (name: string | RegExp) => screen.getByRole('spinbutton', { name })
const shelf = () => within(screen.getByRole('region', { name: 'Kept' }))
const undo = () => fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
const ready = () => waitFor(() => expect(verdict()).toMatch(/Steady|Nearly|Not like this|cannot/))

async function type(into: HTMLElement, text: string) {
  await user.clear(into)
  await user.type(into, `${text}{Enter}`)
}

describe('the bench', () => {
  beforeEach(async () => {
    // A page that is loaded begins anew.
    useBench.setState(useBench.getInitialState())
    await openHouse()
    await openPage('/bench?person=yuki-harland')
    await ready()
  })

  it('says the verdict, its reasons, how it is come to and every reading, readable', async () => {
    expectReadable()
    expect(button(/^School: therapeutic/)).toBeTruthy()
    const shows = screen.getByRole('region', { name: 'What the stance shows' })
    await waitFor(() => expect(shows.textContent).toMatch(/stepped into from standing|The way (into it|back) is/))
    await user.click(button('All readings'))
    expectReadable()
  })

  it('says of each finding why, readable', async () => {
    await choose(/^Person:/, /Odalys Marrin/)
    await choose(/^School:/, /long upright/)
    await ready()
    await waitFor(() => expect(screen.getAllByText('why').length).toBeGreaterThan(0))
    for (const why of screen.getAllByText('why')) await user.click(why)
    expectReadable()
  })

  it('a figure out of range is held at it, one that is none is left; each is one step back', async () => {
    const knee = () => screen.getAllByRole('spinbutton', { name: /[Kk]nee/ })[0] as HTMLElement
    const before = knee().getAttribute('aria-valuenow')
    await type(knee(), 'deep')
    expect(knee().getAttribute('aria-valuenow')).toBe(before)
    await type(knee(), '500')
    const most = Number(knee().getAttribute('aria-valuemax'))
    expect(Number(knee().getAttribute('aria-valuenow'))).toBeLessThanOrEqual(most)
    expectReadable()
    undo()
    await waitFor(() => expect(knee().getAttribute('aria-valuenow')).toBe(before))
  })

  it('what cannot be stood says why and where, and undo brings back what was', async () => {
    const holds = verdict()
    await type(spin(/Step/), '190')
    await waitFor(() => expect(verdict()).toBe('This cannot be stood'))
    expect(screen.getByRole('alert').textContent).toMatch(/cannot reach|stand so|too far/)
    expect(button('Keep this').disabled).toBe(true)
    expect(button('Into the library').disabled).toBe(true)
    expectReadable()
    undo()
    await waitFor(() => expect(verdict()).toBe(holds))
  })

  it('other postures and schools can be put on it, readable', async () => {
    for (const posture of ['golden rooster', 'snake creeps down', 'seated form', 'white crane', 'press']) {
      await choose(/^Posture:/, posture)
      await ready()
      expectReadable()
    }
    for (const school of [/coiling/, /therapeutic/i]) {
      await choose(/^School:/, school)
      await ready()
      expectReadable()
    }
  })

  it('is kept with a note, renamed, taken away and put back; without a server it is still kept, and says so', async () => {
    await user.click(button('Keep this'))
    await type(shelf().getByRole('textbox', { name: 'Name' }), 'For Tuesday')
    await waitFor(async () => expect(await listKeptOf('yuki-harland')).toHaveLength(1))
    setServerGone(true)
    await user.click(await shelf().findByRole('button', { name: 'Remove For Tuesday' }))
    expect(await screen.findByText(/“For Tuesday” is still kept/)).toBeTruthy()
    setServerGone(false)
    await user.click(shelf().getByRole('button', { name: 'Rename For Tuesday' }))
    await type(shelf().getByRole('textbox', { name: 'Name' }), 'For Friday')
    await user.click(await shelf().findByRole('button', { name: 'Remove For Friday' }))
    await waitFor(async () => expect(await listKeptOf('yuki-harland')).toHaveLength(0))
    setServerGone(true)
    await user.click(screen.getByRole('button', { name: 'Put it back' }))
    expect(await screen.findByText(/“For Friday” is not back/)).toBeTruthy()
    setServerGone(false)
    await user.click(screen.getByRole('button', { name: 'Put it back' }))
    await waitFor(async () => expect((await listKeptOf('yuki-harland'))[0]?.name).toBe('For Friday'))
  })

  it('goes into the library under a name; without one it does not', async () => {
    await user.click(button('Into the library'))
    const sheet = within(await screen.findByRole('dialog', { name: 'Into the library' }))
    setServerGone(true)
    await type(sheet.getByRole('textbox', { name: 'Name' }), 'Quay step')
    expect((await sheet.findByRole('alert')).textContent).toMatch(/could not be saved/)
    setServerGone(false)
    await user.click(sheet.getByRole('button', { name: 'Add the posture' }))
    await waitFor(() => expect(button('Posture: Quay step')).toBeTruthy())
  })

  it('a file that is none, or of a stance that nobody could stand, changes nothing', async () => {
    const before = verdict()
    const open = (text: string) =>
      user.upload(document.querySelector('input[type=file]') as HTMLInputElement, new File([text], 'mine.json'))
    await open('no file')
    expect((await screen.findByText(/mine\.json was not opened/)).textContent).not.toMatch(/undefined/)
    await open(
      JSON.stringify({
        format: 'nivrel.stance/1',
        person: { statureM: 1.6, massKg: 60 },
        stance: { feet: { left: { heel: [-3, 0] }, right: { heel: [3, 0] } } },
      }),
    )
    await waitFor(() =>
      expect(screen.getByText(/mine\.json was not opened/).textContent).toMatch(/nothing was changed/),
    )
    expect(verdict()).toBe(before)
  })

  it('another person is put on it; who cannot be fetched is said, and the one before stays', async () => {
    setServerGone(true)
    await choose(/^Person:/, /Bram Tallow/)
    expect(await screen.findByText(/could not be fetched|does not answer/)).toBeTruthy()
    expect(button(/^Person: Yuki/)).toBeTruthy()
    setServerGone(false)
    await choose(/^Person:/, /Bram Tallow/)
    await waitFor(() => expect(button(/^Person: Bram/)).toBeTruthy())
    await ready()
    expectReadable()
  })

  it('what is changed while no server answers is said not to be kept, and is as soon as one does', async () => {
    setServerGone(true)
    await type(screen.getAllByRole('spinbutton', { name: /[Kk]nee/ })[0] as HTMLElement, '18')
    expect(await screen.findByText(/Not kept yet: the server does not answer/)).toBeTruthy()
    setServerGone(false)
    await waitFor(() => expect(screen.queryByText(/Not kept yet/)).toBeNull())
    expect(JSON.stringify((await readBench('yuki-harland')).draft)).toMatch(/18/)
  })

  it('what was changed is there when the page is opened again', async () => {
    await type(screen.getAllByRole('spinbutton', { name: /[Kk]nee/ })[0] as HTMLElement, '17')
    await waitFor(async () => expect(JSON.stringify((await readBench('yuki-harland')).draft)).toMatch(/17/))
  })
})

describe('the bench without anybody', () => {
  it('shows three ways to begin', async () => {
    await openHouse('nobody')
    await openPage('/bench')
    expect(screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent)).toEqual([
      'Your house',
      'Your list',
      'Somebody new',
    ])
  })

  it('of somebody without age, sex or tests says that it is an estimate, and what would replace it', async () => {
    await openHouse('nobody')
    const [{ id } = { id: '' }] = await addRecords({ records: [makeRecord('Ola', { statureM: 1.6, massKg: 60 })] })
    await openPage(`/bench?person=${id}`)
    await ready()
    expect(screen.getAllByText(/estimate/).length).toBeGreaterThan(0)
    expectReadable()
  })
})
