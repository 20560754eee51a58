import { screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { listRecords } from '@/keeping/people'
import { button, user, write } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { renderSaid } from '@/testing/screens/render-said'
import { setServerGone } from '@/testing/screens/server'
import { NewPersonSheet } from './NewPersonSheet'

type Given = Partial<Parameters<typeof NewPersonSheet>[0]>

const added = vi.fn()
const open = (given: Given = {}) =>
  renderSaid(<NewPersonSheet open onClose={() => {}} onAdded={added} day="2026-05-04" {...given} />)
const field = (name: RegExp) => screen.getByLabelText<HTMLInputElement>(name)

async function enter(figures: { name?: string; height: string; mass: string; age?: string }) {
  await write(field(/^Name/), figures.name ?? 'Ola Brandt')
  await write(field(/^Height/), figures.height)
  await write(field(/^Mass/), figures.mass)
  if (figures.age !== undefined) await write(field(/^Age/), figures.age)
  await user.click(button('Put on the list'))
}

beforeEach(async () => {
  added.mockClear()
  await openHouse('nobody')
})

describe('somebody new', () => {
  it.each([
    [{ height: '162', mass: '70,5' }, 1.62, 70.5],
    [{ height: '1,62 m', mass: '70.5 kg' }, 1.62, 70.5],
    [{ height: '5 ft 4', mass: '155 lb' }, 1.626, 70.3],
    // A bare mass is in the unit of its label.
    [{ height: '5\'4"', mass: '70' }, 1.626, 70],
  ])('%o is read as it is written', async (figures, statureM, massKg) => {
    open()
    await enter(figures)
    await waitFor(() => expect(added).toHaveBeenCalledOnce())
    const [{ record } = { record: null }] = await listRecords()
    expect(record?.body.statureM).toBeCloseTo(statureM, 2)
    expect(record?.body.massKg).toBeCloseTo(massKg, 0)
    expect(record?.measured.statureM?.on).toBe('2026-05-04')
    expect(record?.body).not.toHaveProperty('ageYears')
  })

  it.each([
    [{ height: 'tall', mass: '70' }, /^Height: accepted is 100 to 230 cm/],
    [{ height: '16', mass: '70' }, /^Height: accepted is/],
    [{ height: '162', mass: '700' }, /^Mass: accepted is 25 to 250 kg/],
    [{ height: '162', mass: '70', age: 'old' }, /^Age: accepted is/],
    [{ height: '162', mass: '70', age: '0' }, /^Age: accepted is/],
  ])('%o is refused by its name, and what was typed stays', async (figures, said) => {
    open()
    await enter(figures)
    expect((await screen.findByRole('alert')).textContent).toMatch(said)
    expect(field(/^Height/).value).toBe(figures.height)
    expect(await listRecords()).toEqual([])
    expect(added).not.toHaveBeenCalled()
  })

  it('in a house of feet and pounds, what is accepted is said in them', async () => {
    open({ units: 'imperial' })
    await enter({ height: '9 ft 1', mass: '150' })
    expect((await screen.findByRole('alert')).textContent).toMatch(/3 ft 4 in to 7 ft 6 in/)
    await enter({ height: '5 ft 6', mass: '150' })
    await waitFor(() => expect(added).toHaveBeenCalledOnce())
    expect((await listRecords())[0]?.record.body.massKg).toBeCloseTo(68, 0)
  })

  it('without a server nobody is added, nothing that was typed is lost, and once more they are', async () => {
    open({ groups: [{ id: 'g', name: 'Morning' }] })
    await user.selectOptions(field(/^Group/), 'Morning')
    setServerGone(true)
    await enter({ height: '162', mass: '70', age: '71' })
    expect((await screen.findByRole('alert')).textContent).toMatch(/could not be saved/)
    setServerGone(false)
    await user.click(button('Put on the list'))
    await waitFor(() => expect(added).toHaveBeenCalledOnce())
    const [{ record } = { record: null }] = await listRecords()
    expect([record?.name, record?.body.ageYears, record?.groups.length]).toEqual(['Ola Brandt', 71, 1])
    expect(screen.queryByRole('alert')).toBeNull()
  })
})
