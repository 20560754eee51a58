import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { readHouse, saveHouse } from '@/keeping/house'
import { readRecord } from '@/keeping/people'
import { keepPlan, listPlans } from '@/keeping/plans'
import { button, choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'

const lane = (level: number) => within(screen.getByRole('region', { name: new RegExp(`^Level ${level}:`) }))
const inLane = (level: number) =>
  lane(level)
    .queryAllByRole('button', { name: /^\S+ (steady|nearly|not like this)/ })
    .map((one) => (one.textContent ?? '').split(' ')[0])

async function fitted() {
  await waitFor(() => expect(screen.queryByRole('region', { name: /^Level 1:/ })).toBeTruthy())
  await waitFor(() => expect(screen.queryByRole('progressbar')).toBeNull())
}

const plans = async () =>
  (await listPlans()).map(({ posture, plan }) => ({ posture, people: plan.people, name: plan.name }))

// In this frame people differ; the house begins with it.
beforeEach(async () => {
  await openHouse()
  await saveHouse({ ...(await readHouse()), school: 'long-upright' })
})

describe('a class', () => {
  it('of nobody says so', async () => {
    await openHouse('nobody')
    await openPage('/class')
    expect(screen.getByText(/Nobody is here yet/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Keep for the class' })).toBeNull()
  })

  it('is moved by keys, undone, and kept with who was put where', async () => {
    await openPage('/class')
    await fitted()
    expectReadable()
    const [first] = inLane(1)
    fireEvent.keyDown(lane(1).getByRole('button', { name: new RegExp(`^${first} `) }), { key: 'ArrowRight' })
    await waitFor(() => expect(inLane(2)).toContain(first))
    expect(lane(2).getByRole('button', { name: new RegExp(`^${first} .*put here by hand`) })).toBeTruthy()
    await user.click(button('Undo'))
    await waitFor(() => expect(inLane(1)).toContain(first))
    fireEvent.keyDown(lane(1).getByRole('button', { name: new RegExp(`^${first} `) }), { key: 'ArrowRight' })
    await user.click(button('Keep for the class'))
    await waitFor(async () => expect(await listPlans()).toHaveLength(1))
    const [kept] = await listPlans()
    expect(kept?.plan.people.find(({ pinned }) => pinned)).toMatchObject({ level: 1 })
    // Fitting again says first what it would drop.
    await user.click(button('Fit again'))
    const drops = within(await screen.findByRole('region', { name: 'What fitting again drops' }))
    expect(drops.getByText(new RegExp(first as string))).toBeTruthy()
    await user.click(drops.getByRole('button', { name: 'Cancel' }))
    expect(inLane(2)).toContain(first)
  })

  it('stands as it was left when one comes back, with the way back; once kept, what is kept is opened', async () => {
    await openPage('/class')
    await fitted()
    const [first] = inLane(1)
    fireEvent.keyDown(lane(1).getByRole('button', { name: new RegExp(`^${first} `) }), { key: 'ArrowRight' })
    await waitFor(() => expect(inLane(2)).toContain(first))
    cleanup()
    await openPage('/class')
    // At once: nothing is looked for.
    expect(inLane(2)).toContain(first)
    expect(lane(2).getByRole('button', { name: new RegExp(`^${first} .*put here by hand`) })).toBeTruthy()
    await user.click(button('Keep for the class'))
    await waitFor(async () => expect(await listPlans()).toHaveLength(1))
    expect(Object.keys(sessionStorage).filter((key) => key.startsWith('nivrel.class'))).toEqual([])
    // Somebody else kept another meanwhile: theirs is opened, no draft that was made over the one before.
    fireEvent.keyDown(lane(2).getByRole('button', { name: new RegExp(`^${first} `) }), { key: 'ArrowLeft' })
    await waitFor(() => expect(inLane(1)).toContain(first))
    const [kept] = await listPlans()
    if (!kept) throw new Error('nothing was kept')
    await keepPlan({ group: kept.group, posture: kept.posture, revision: kept.revision, plan: kept.plan })
    cleanup()
    await openPage('/class')
    expect(inLane(2)).toContain(first)
  })

  it('a level’s figures are changed, and everybody in it is judged anew', async () => {
    await openPage('/class')
    await fitted()
    await user.click(button(/^Change level 1/))
    const knees = lane(1).getByRole('spinbutton', { name: 'Knees' })
    await user.clear(knees)
    await user.type(knees, '70{Enter}')
    await waitFor(() =>
      expect(lane(1).queryAllByRole('button', { name: /^\S+ (nearly|not like this)/ }).length).toBeGreaterThan(0),
    )
    await user.click(lane(1).getByRole('button', { name: 'Done' }))
    expect(button(/^Change level 1/).textContent).toMatch(/knees low \(70°\)/)
    expectReadable()
  })

  it('somebody marked away keeps their place; without a server nobody is marked, and it is said', async () => {
    await openPage('/class')
    await fitted()
    const [first] = inLane(1)
    await user.click(button('Roll call'))
    const roll = within(await screen.findByRole('dialog', { name: /^Roll call/ }))
    const mark = (name: RegExp) =>
      within(roll.getByRole('group', { name: new RegExp(`^${first} `) })).getByRole('button', { name })
    setServerGone(true)
    await user.click(mark(/^away/))
    expect((await roll.findByRole('alert')).textContent).toMatch(/could not be saved/)
    setServerGone(false)
    await user.click(mark(/^away/))
    await waitFor(() => expect(screen.getByText(new RegExp(`^${first}$`)).closest('[data-away]')).toBeTruthy())
    await user.click(roll.getByRole('button', { name: 'Everybody is here and as usual' }))
    await waitFor(() => expect(inLane(1)).toContain(first))
  })

  it('a plan is named, noted on, taken away and brought back; another was kept meanwhile: theirs is shown', async () => {
    await openPage('/class')
    await fitted()
    await user.click(button('Keep for the class'))
    await waitFor(async () => expect(await plans()).toHaveLength(1))
    await user.click(await screen.findByRole('button', { name: 'Kept plans' }))
    const sheet = within(await screen.findByRole('dialog', { name: 'Kept plans' }))
    await user.click(sheet.getByRole('button', { name: /^Name / }))
    await user.type(sheet.getByRole('textbox', { name: 'Name' }), 'Before the fair')
    await user.click(sheet.getByRole('button', { name: 'Keep' }))
    await waitFor(async () => expect((await plans())[0]?.name).toBe('Before the fair'))
    const [kept] = await listPlans()
    if (!kept) throw new Error('no plan')
    const { group, posture, plan, revision } = kept
    await keepPlan({ group, posture, revision, plan: { ...plan, name: 'Theirs' } })
    await user.click(sheet.getByRole('button', { name: /^Name / }))
    await user.clear(sheet.getByRole('textbox', { name: 'Name' }))
    await user.type(sheet.getByRole('textbox', { name: 'Name' }), 'Mine')
    await user.click(sheet.getByRole('button', { name: 'Keep' }))
    expect((await sheet.findByRole('alert')).textContent).toMatch(/Somebody else changed it meanwhile: this is theirs/)
    expect((await plans())[0]?.name).toBe('Theirs')
    await user.click(sheet.getByRole('button', { name: 'Cancel' }))
    await user.click(sheet.getByRole('button', { name: /^Remove / }))
    await waitFor(async () => expect(await plans()).toHaveLength(0))
    await user.click(
      within(screen.getByText('The plan was removed.').parentElement as HTMLElement).getByRole('button', {
        name: 'Undo',
      }),
    )
    await waitFor(async () => expect((await plans())[0]?.name).toBe('Theirs'))
  })

  it('why somebody does not hold is said with who limits them; not here today is kept', async () => {
    await openPage('/class')
    await fitted()
    await user.click(button(/^Calla.*as taught/))
    const why = within(await screen.findByRole('dialog', { name: /^Calla Wynd/ }))
    expect(why.getByText(/no weight on the left leg/)).toBeTruthy()
    expect(why.getByRole('link', { name: 'Their page' }).getAttribute('href')).toBe('/people/calla-wynd')
    const lanes = [1, 2].map(inLane)
    await user.click(why.getByRole('button', { name: 'Not here today' }))
    await waitFor(async () => expect(JSON.stringify((await readRecord('calla-wynd')).record)).toMatch(/away/))
    // Nothing is fitted anew for that; here after all, they are judged again.
    expect(await screen.findByRole('button', { name: 'Calla is here after all' })).toBeTruthy()
    expect(screen.queryByRole('progressbar')).toBeNull()
    expect([1, 2].map(inLane)).toEqual(lanes)
    await user.click(button('Calla is here after all'))
    expect(await screen.findByRole('button', { name: /^Calla.*as taught/ })).toBeTruthy()
  })

  it('a search is stopped where it is, and begun anew', async () => {
    await openPage('/class')
    await user.click(await screen.findByRole('button', { name: 'Cancel' }))
    expect(await screen.findByText(/The search was stopped/)).toBeTruthy()
    expect(screen.queryByRole('region', { name: /^Level 1:/ })).toBeNull()
    await user.click(button('Fit again'))
    await fitted()
    expect(screen.queryByText(/The search was stopped/)).toBeNull()
  })

  it('another group that cannot be fetched is said; chosen once more it is there', async () => {
    await openPage('/class')
    await fitted()
    setServerGone(true)
    await choose(/^Group:/, 'Everybody')
    expect(await screen.findByText(/The group could not be fetched; choose it once more/)).toBeTruthy()
    setServerGone(false)
    await choose(/^Group:/, 'Slack Tide')
    await choose(/^Group:/, 'Everybody')
    await waitFor(() => expect(screen.queryByText(/could not be fetched/)).toBeNull())
  })

  it('every posture side by side is one readable picture, and opens each', async () => {
    await openPage('/class')
    await choose(/^Posture:/, 'every posture, side by side')
    await waitFor(() => expect(screen.getAllByRole('row')).toHaveLength(14))
    expectReadable()
    await user.click(screen.getAllByRole('button', { name: /, white crane: / })[0] as HTMLElement)
    expect(button('Posture: white crane')).toBeTruthy()
  })
})
