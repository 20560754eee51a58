import { cleanup, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { readHouse } from '@/keeping/house'
import { readAsked } from '@/keeping/paper/asked'
import { makeSheets } from '@/keeping/paper/make'
import { readWords } from '@/keeping/words'
import { TODAY } from '@/testing/clock'
import { user, write } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'
import { ENGLISH } from '@/words/english'

const bar = () => within(screen.getByRole('region', { name: 'Not kept yet' }))
const keep = () => bar().getByRole<HTMLButtonElement>('button', { name: 'Keep' })
const field = (name: RegExp) => screen.getByRole<HTMLInputElement>('textbox', { name })

async function set(name: RegExp, text: string) {
  await write(field(name), text)
  await user.tab()
}

beforeEach(async () => {
  await openHouse()
  await openPage('/house')
})

describe('a rule of the house', () => {
  it.each([
    [/^Reserve for sway, two feet/, 'wide'],
    [/^Trunk leans to a side/, '4 5'],
    [/^Easier from effort/, 'a lot'],
    [/^tired, holds to/, 'short'],
  ])('%s written as "%s" is refused by its name, and nobody reads a figure that is none', async (name, text) => {
    await set(name, text)
    expectReadable()
    expect(field(name).value).toBe(text)
    if (!keep().disabled) await user.click(keep())
    expect((await bar().findByRole('alert')).textContent).toMatch(/accepted is/)
    expect((await readHouse()).rules).toEqual({})
    expect((await readHouse()).practice).toEqual({})
    await user.click(bar().getByRole('button', { name: 'Cancel' }))
    expect(screen.queryByRole('region', { name: 'Not kept yet' })).toBeNull()
    expect(Number(field(name).value)).toBeGreaterThan(0)
  })

  it('emptied is the default again; with a comma it is what is written', async () => {
    await set(/^Reserve for sway, two feet/, '2,5')
    await waitFor(() => expect(keep().disabled).toBe(false))
    await user.click(keep())
    await waitFor(async () => expect((await readHouse()).rules).toEqual({ swayReserveM: 0.025 }))
    await set(/^Reserve for sway, two feet/, '')
    expect(field(/^Reserve for sway, two feet/).value).toBe('1.5')
    await waitFor(() => expect(keep().disabled).toBe(false))
    await user.click(keep())
    await waitFor(async () => expect((await readHouse()).rules).toEqual({}))
  })

  it('without a server is not kept and says so; as soon as one answers it is', async () => {
    await user.click(screen.getByRole('radio', { name: /feet, inches/ }))
    setServerGone(true)
    await user.click(keep())
    expect((await bar().findByRole('alert')).textContent).toMatch(/server does not answer/)
    expect((await readHouse()).units).toBe('metric')
    setServerGone(false)
    await waitFor(async () => expect((await readHouse()).units).toBe('imperial'))
    await user.click(await screen.findByRole('button', { name: 'As they were' }))
    await waitFor(async () => expect((await readHouse()).units).toBe('metric'))
  })
})

describe('a rule that was pressed to be kept', () => {
  it('and left before a server answered is not kept when one does', async () => {
    await user.click(screen.getByRole('radio', { name: /feet, inches/ }))
    setServerGone(true)
    await user.click(keep())
    await bar().findByRole('alert')
    await user.click(bar().getByRole('button', { name: 'Cancel' }))
    setServerGone(false)
    await new Promise((done) => setTimeout(done, 4000))
    expect((await readHouse()).units).toBe('metric')
    expect(screen.getByRole<HTMLInputElement>('radio', { name: /centimetres/ }).checked).toBe(true)
  })
})

describe('the house’s own', () => {
  it('signs are added once, and taken away', async () => {
    const add = async (sign: string) => {
      await write(field(/A sign of your own/), sign)
      await user.click(screen.getByRole('button', { name: 'Add' }))
    }
    await add('holds the breath in turns')
    await add('holds the breath in turns')
    await add('   ')
    await user.click(keep())
    await waitFor(async () => expect((await readHouse()).signs).toEqual(['holds the breath in turns']))
    await user.click(screen.getByRole('button', { name: /^Remove: holds/ }))
    await user.click(keep())
    await waitFor(async () => expect((await readHouse()).signs).toEqual([]))
  })

  it('bad days lower what is set for each; a hand on a chair too', async () => {
    await set(/^tired, knee bend to/, '50')
    const day = within(screen.getByRole('group', { name: 'Tired' }))
    const chair = day.getByRole<HTMLInputElement>('checkbox')
    const was = chair.checked
    await user.click(chair)
    await user.click(keep())
    await waitFor(async () => expect((await readHouse()).days.tired).toEqual({ kneePct: 50, chair: !was }))
  })

  it('ways of a school are the house’s, and go back to the school’s own', async () => {
    const school = within(screen.getByRole('group', { name: /therapeutic/i }))
    const [word] = school.getAllByRole('button')
    await user.click(word as HTMLElement)
    const others = (await screen.findAllByRole('menuitemradio')).filter(
      (one) => one.getAttribute('aria-checked') !== 'true',
    )
    await user.click(others[0] as HTMLElement)
    await user.click(keep())
    await waitFor(async () => expect(Object.keys((await readHouse()).ways)).toEqual(['therapeutic']))
  })
})

describe('the house', () => {
  const number = (name: string) => screen.getByRole<HTMLInputElement>('spinbutton', { name })

  it('has a name for its sheets, chairs and a floor; what it lacks of what a lesson asks for is said', async () => {
    expect(number('Chairs').getAttribute('aria-valuetext')).toBe('not said')
    await user.type(screen.getByRole('textbox', { name: 'It is called' }), 'Lantern Quay')
    await user.type(number('Chairs'), '1{Enter}')
    await user.type(number('Floor ahead'), '9{Enter}')
    await user.click(keep())
    await waitFor(async () =>
      expect(await readHouse()).toMatchObject({ name: 'Lantern Quay', chairs: 1, roomM: [6, 9] }),
    )
    const asked = readAsked({ as: 'log', group: 'slack-tide', day: TODAY })
    const [sheet] = (await makeSheets(asked, ENGLISH)).sheets
    expect(sheet?.marks).toContainEqual(expect.objectContaining({ text: 'Lantern Quay', anchor: 'end' }))
    cleanup()
    await openPage('/?group=slack-tide')
    expect(screen.getByText(/chairs? more than the house has\.$/)).toBeTruthy()
  })

  it('says how deep a knee bends in its own words, on bench and card; emptied, in the usual ones', async () => {
    const said = async () => {
      cleanup()
      await openPage('/bench?person=isolde-farrant&posture=bow&school=therapeutic')
      return (await screen.findByText(/rear knee bent|knees? bent/)).textContent
    }
    const card = async () => {
      const { sheets } = await makeSheets(readAsked({ as: 'card', person: 'isolde-farrant' }), await readWords())
      return [...JSON.stringify(sheets).matchAll(/"text":"([^"]*)"/g)].map(([, text]) => text).join(' ')
    }
    const usual = / (nearly straight|soft|a quarter down|a third down|half down|low)\b/
    expect(await said()).toMatch(usual)
    expect(await card()).toMatch(/; knees a quarter down \(\d+°\)/)
    for (const word of ['as if on a tall stool', '']) {
      cleanup()
      await openPage('/house')
      for (const range of [/^8° to 18°/, /^18° to 28°/, /^28° to 42°/, /^42° to 58°/]) await set(range, word)
      await waitFor(() => expect(keep().disabled).toBe(false))
      await user.click(keep())
      await waitFor(async () => expect(Object.keys((await readHouse()).bends)).toHaveLength(word ? 4 : 0))
      expect(await said()).toMatch(word ? /°, as if on a tall stool,/ : usual)
      expect(/as if on a tall stool \(\d+°\)/.test(await card())).toBe(word !== '')
    }
  })
})
