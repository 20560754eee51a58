import { cleanup, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { readGroups } from '@/keeping/groups'
import { listRecords, readRecord, saveRecord } from '@/keeping/people'
import { button, choose, user, write } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'

const rows = () => screen.getAllByRole('listitem').map((row) => row.textContent ?? '')

async function bringIn(name: string, text: string) {
  await openPage('/people?bring')
  await user.upload(screen.getByLabelText(/A table/), new File([text], name))
}

describe('the list of people', () => {
  it('with nobody there says how somebody comes in, and takes out no table of nobody', async () => {
    await openHouse('nobody')
    await openPage('/people')
    expect(screen.getByText(/Nobody is on the list yet/)).toBeTruthy()
    expect(button(/as a table/).disabled).toBe(true)
  })

  it('is found in by a word, told how many, and says when nobody fits', async () => {
    await openHouse()
    await openPage('/people')
    const all = rows().length
    await user.type(screen.getByRole('searchbox'), 'hip')
    await waitFor(() => expect(rows().length).toBeLessThan(all))
    expect(button(`Take out these ${rows().length} as a table`)).toBeTruthy()
    await user.type(screen.getByRole('searchbox'), ' of nobody')
    expect(await screen.findByText('Nobody here fits that.')).toBeTruthy()
  })

  it('without a server says that nothing was taken out', async () => {
    await openHouse()
    await openPage('/people')
    setServerGone(true)
    await user.click(button('Take out as a table'))
    expect((await screen.findByRole('alert')).textContent).toMatch(/not taken out/)
    setServerGone(false)
    const made = vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:people')
    vi.spyOn(URL, 'revokeObjectURL').mockReturnValue()
    await user.click(button('Take out the whole house'))
    await waitFor(() => expect(made).toHaveBeenCalled())
    expect(screen.queryByRole('alert')).toBeNull()
    const [file] = made.mock.calls[0] as [Blob]
    expect(JSON.parse(await file.text()).people).toHaveLength((await listRecords()).length)
  })
})

describe('a list that is brought in', () => {
  it('shows what each row was read as; a wrong cell is mended in place, and all of it is there', async () => {
    await openHouse('nobody')
    await bringIn('class.csv', 'Name;Height;Mass\nAna Quist;162;70,5\nBo Lind;16;80\n;170;70\n')
    const stay = await screen.findByRole('region', { name: 'Rows that stay out' })
    expect(stay.textContent).toMatch(/2 rows stay out.*Bo Lind \(row 3\).*row 4/)
    const cell = within(stay).getByRole('textbox', { name: /of Bo Lind/ })
    await user.clear(cell)
    await user.type(cell, '160{Enter}')
    await user.click(await screen.findByRole('button', { name: 'Bring in 2' }))
    await waitFor(() => expect(rows()).toHaveLength(2))
    const kept = (await listRecords()).map(({ record }) => [record.name, record.body.statureM, record.body.massKg])
    expect(kept.toSorted()).toEqual([
      ['Ana Quist', 1.62, 70.5],
      ['Bo Lind', 1.6, 80],
    ])
  })

  it('is pasted as it stands in a spreadsheet, its cells apart by tabs', async () => {
    await openHouse('nobody')
    await openPage('/people?bring')
    await user.click(screen.getByRole('textbox', { name: /^Or paste a list/ }))
    await user.paste('Name\tHeight\tMass\nAna Quist\t162\t70,5\nBo Lind\t160\t80\n')
    await user.click(await screen.findByRole('button', { name: 'Bring in 2' }))
    await waitFor(() => expect(rows()).toHaveLength(2))
  })

  it('what it notes of somebody is said wherever they are judged, nearly at best, until it is taken care of', async () => {
    await openHouse('nobody')
    await bringIn('class.csv', 'Name,Height,Mass,Age,Notes\nBo Lind,160,70,60,half weight only\n')
    await user.click(await screen.findByRole('button', { name: 'Bring in 1' }))
    await waitFor(() => expect(rows()).toHaveLength(1))
    expect(rows()[0]).toMatch(/nearly.*“half weight only”/)
    const [{ id } = { id: '' }] = await listRecords()
    const open = async (path: string) => {
      cleanup()
      await openPage(path)
    }
    await open(`/bench?person=${id}`)
    expect((await screen.findByTestId('verdict')).textContent).toMatch(/Nearly/)
    expect(screen.getByText(/“half weight only”/)).toBeTruthy()
    await open(`/people/${id}`)
    await user.click(button('It is taken care of'))
    await waitFor(() => expect(screen.getByText('saved')).toBeTruthy())
    await open('/people')
    expect(rows()[0]).toMatch(/steady/)
    expect(rows()[0]).not.toMatch(/half weight/)
  })

  it('leaves out who is there already, unless it is wished', async () => {
    await openHouse()
    await bringIn('class.csv', 'Name,Height,Mass\nmarit quill,160,60\nNew One,160,60\n')
    expect(await screen.findByRole('button', { name: 'Bring in 1' })).toBeTruthy()
    await user.click(screen.getByRole('checkbox', { name: /already/ }))
    expect(button('Bring in 2')).toBeTruthy()
  })

  it('brings nobody in where the server is gone in between, and says so; again, it does', async () => {
    await openHouse('nobody')
    await bringIn('class.csv', 'Name,Height,Mass\nAna,160,60\n')
    const enter = await screen.findByRole('button', { name: 'Bring in 1' })
    setServerGone(true)
    await user.click(enter)
    expect((await screen.findByRole('alert')).textContent).toBe('Nothing was brought in; try again.')
    expect(await listRecords()).toHaveLength(0)
    setServerGone(false)
    await user.click(button('Bring in 1'))
    await waitFor(() => expect(rows()).toHaveLength(1))
  })

  it('taken back out without a server is still there, and says so', async () => {
    await openHouse('nobody')
    await bringIn('class.csv', 'Name,Height,Mass\nAna,160,60\n')
    await user.click(await screen.findByRole('button', { name: 'Bring in 1' }))
    const back = await screen.findByRole('button', { name: 'Take them back out' })
    setServerGone(true)
    await user.click(back)
    expect(await screen.findByText(/They are still here/)).toBeTruthy()
    setServerGone(false)
    await user.click(button('Take them back out'))
    expect(await screen.findByText(/Nobody is on the list yet/)).toBeTruthy()
    expect(await listRecords()).toHaveLength(0)
  })

  it.each([
    ['empty.csv', ''],
    ['heading-only.csv', 'Name,Height,Mass\n'],
    ['broken.json', '{"format": "nivrel.'],
    ['other.json', '{"format": "something.else/1"}'],
    ['picture.csv', '\u0000\u0001\u0002'],
  ])('says of %s that nobody can be brought in by it', async (name, text) => {
    await openHouse('nobody')
    await bringIn(name, text)
    const said = await screen.findByText(/was not opened|Nobody can be brought in/)
    expect(said.textContent).not.toMatch(/undefined|NaN|\[object/)
    expect(screen.queryByRole('button', { name: /^Bring in [1-9]/ })).toBeNull()
  })
})

describe('a group', () => {
  it('gets another name and keeps its people; a name that is taken is refused, without a server nothing is changed', async () => {
    await openHouse()
    await openPage('/people')
    const before = rows().length
    await choose(/^Group:/, 'Slack Tide')
    await waitFor(() => expect(rows().length).toBeLessThan(before))
    const inGroup = rows().length
    await user.click(button('Rename group'))
    const sheet = within(await screen.findByRole('dialog', { name: 'Rename the group' }))
    const name = sheet.getByRole('textbox', { name: 'Name' })
    await write(name, 'Second Launch')
    await user.click(sheet.getByRole('button', { name: 'Rename' }))
    expect((await sheet.findByRole('alert')).textContent).toMatch(/name that no other group has/)
    setServerGone(true)
    await write(name, 'High Water')
    await user.click(sheet.getByRole('button', { name: 'Rename' }))
    await waitFor(() => expect(sheet.getByRole('alert').textContent).toMatch(/could not be saved/))
    setServerGone(false)
    await user.click(sheet.getByRole('button', { name: 'Rename' }))
    await waitFor(() => expect(button('Group: High Water')).toBeTruthy())
    expect(rows()).toHaveLength(inGroup)
    expect((await readGroups()).map((one) => one.name)).not.toContain('Slack Tide')
  })

  it('is ordered by name, by who stands least steadily, by what is due', async () => {
    await openHouse()
    await openPage('/people')
    const first = () => rows()[0] ?? ''
    const byName = first()
    await choose(/^Order:/, 'least steady first')
    const least = first()
    expect(least).not.toBe(byName)
    expect(least).not.toMatch(/Own standing: steady\./)
    await choose(/^Order:/, 'what is due first')
    const due = rows()
    await choose(/^Order:/, 'by name')
    expect(first()).toBe(byName)
    expect(due).toHaveLength(rows().length)
    expect(due.toSorted()).toEqual(rows().toSorted())
  })

  it('who was put away is not among everybody, and is found there', async () => {
    await openHouse()
    const { revision, record } = await readRecord('yuki-harland')
    await saveRecord('yuki-harland', { revision, record: { ...record, archived: true } })
    await openPage('/people')
    expect(rows().some((row) => row.includes('Yuki Harland'))).toBe(false)
    await choose(/^Group:/, 'Archived')
    expect(rows()).toHaveLength(1)
    expect(rows()[0]).toContain('Yuki Harland')
  })
})
