import { screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { readBench } from '@/keeping/bench'
import { changePosture, listOwn } from '@/keeping/library'
import { button, choose, user, write } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'
import { ENGLISH } from '@/words/english'

const press = (name: string | RegExp) => user.click(button(name))
const field = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name })

const set = (name: string, text: string) => write(field(name), text)

/** The golden rooster, which the tests change. */
async function openRooster() {
  await openPage('/postures')
  await user.click(
    within(screen.getByRole('navigation', { name: 'The library' })).getByRole('button', { name: 'golden rooster' }),
  )
}

beforeEach(async () => {
  await openHouse()
})

describe('the library', () => {
  it('shows each school of each posture, for each side, readable', async () => {
    await openPage('/postures')
    const index = within(screen.getByRole('navigation', { name: 'The library' }))
    for (const posture of index.getAllByRole('button')) {
      await user.click(posture)
      expect(screen.getAllByRole('columnheader')).toHaveLength(5)
      expectReadable()
    }
    expect(index.getByText(/None yet: “Into the library”/)).toBeTruthy()
  })

  it('says how else it is taught, what that costs and why; one of them goes onto the bench', async () => {
    await openPage('/postures')
    await choose(/^Person:/, /Odalys/)
    const also = () => within(screen.getByRole('region', { name: /^Also taught/ }))
    expect(also().getAllByText(/^Taught because/).length).toBeGreaterThan(3)
    await choose(/^Frame:/, /long upright/)
    await user.click(also().getByRole('button', { name: 'Onto the bench: Front toes a little in' }))
    const frontToes = async () => (await readBench('odalys-marrin')).draft?.stance.feet.left.toeOutDeg
    await waitFor(async () => expect(await frontToes()).toBeCloseTo(-10, 6))
  })

  it('a figure that is none, or left empty, is refused by its name and changes nothing', async () => {
    await openRooster()
    await press('Change this posture')
    for (const text of ['', 'deep', '900']) {
      await set('Knee bend, degrees', text)
      await press('Save')
      expect((await screen.findByRole('alert')).textContent).toMatch(/Knee.*accepted is/i)
      expect(field('Knee bend, degrees').value).toBe(text)
    }
    expect(await listOwn()).toEqual([])
  })

  it('changed, undone, changed again and put back as it ships', async () => {
    await openRooster()
    await press('Change this posture')
    await set('Cue', 'Root first.')
    await set('Watch (a comma between)', 'the knee, , the eyes ')
    await press('Save')
    await waitFor(async () =>
      expect((await listOwn())[0]?.document).toMatchObject({ cue: 'Root first.', watch: ['the knee', 'the eyes'] }),
    )
    await user.click(await screen.findByRole('button', { name: 'As it was' }))
    await waitFor(async () => expect(await listOwn()).toEqual([]))
    await set('Knee bend, degrees', '12,5')
    await press('Save')
    await waitFor(async () =>
      expect((await listOwn())[0]?.document.measures['long-upright']?.kneeFlexionDeg).toBe(12.5),
    )
    // What was not touched keeps its full figure.
    const [changed] = await listOwn()
    await press(/back to the original figures/)
    await waitFor(async () =>
      expect((await listOwn())[0]?.document.measures['long-upright']?.kneeFlexionDeg).not.toBe(12.5),
    )
    const [back] = await listOwn()
    expect(back?.document.measures['small-inclined']).toEqual(changed?.document.measures['small-inclined'])
  })

  it('without a server nothing is put back, and it says so', async () => {
    await openRooster()
    await press('Change this posture')
    await set('Cue', 'Root first.')
    await press('Save')
    await waitFor(async () => expect(await listOwn()).toHaveLength(1))
    setServerGone(true)
    await press(/All of it, words and every school/)
    expect(await screen.findByText(/could not be saved|not answer/)).toBeTruthy()
    expect(await listOwn()).toHaveLength(1)
  })

  it('changed elsewhere meanwhile: theirs is opened, or one’s own goes over it', async () => {
    await openRooster()
    await press('Change this posture')
    await set('Cue', 'mine')
    const { fromPosture, mergeLibrary } = await import('@/documents/posture-document')
    const { readTexts } = await import('@/words/postures')
    const rooster = mergeLibrary([]).find(({ id }) => id === 'golden-rooster')
    if (!rooster) throw new Error('no golden rooster')
    const document = { ...fromPosture(rooster, readTexts(rooster, ENGLISH)), cue: 'theirs' }
    await changePosture('golden-rooster', { revision: 0, document })
    await press('Save')
    const sheet = within(await screen.findByRole('dialog', { name: 'Saved in two places' }))
    expect((await listOwn())[0]?.document.cue).toBe('theirs')
    await user.click(sheet.getByRole('button', { name: 'Go on with mine' }))
    await waitFor(async () => expect((await listOwn())[0]?.document.cue).toBe('mine'))
  })
})
