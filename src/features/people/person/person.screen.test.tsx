import { cleanup, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { makeRecord } from '@/documents/record-document'
import { readHouse, saveHouse } from '@/keeping/house'
import { addRecords, readRecord, saveRecord } from '@/keeping/people'
import { button, choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { Elsewhere } from '@/testing/screens/navigation'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'

const part = (name: string) => within(screen.getByRole('region', { name }))
const saved = () => waitFor(() => expect(screen.getByText('saved')).toBeTruthy())

/** Somebody of whom only the two figures are known that must be. */
async function openUnknown() {
  await openHouse('nobody')
  const [{ id } = { id: '' }] = await addRecords({ records: [makeRecord('Ola Brandt', { statureM: 1.6, massKg: 60 })] })
  await openPage(`/people/${id}`)
  return { id, record: async () => (await readRecord(id)).record }
}

describe('somebody of whom little is known', () => {
  it('is taken for eighty, and it is said what would replace the estimate', async () => {
    await openUnknown()
    expect(screen.getByText(/an estimate for 80, since no age is given/)).toBeTruthy()
    expect(screen.getByText(/Without it the masses of the body’s parts are the mean/)).toBeTruthy()
    expect(part('Limits and orders').getByText(/None set/)).toBeTruthy()
    expect(part('Simple tests').getByText(/A functional reach replaces it/)).toBeTruthy()
  })

  it('whose age is typed wrong is told what an age is, and nothing is kept; a right one is', async () => {
    const { record } = await openUnknown()
    for (const wrong of ['seventy', '3', '721']) {
      await user.click(button(/Age in years/))
      await user.keyboard(`${wrong}{Enter}`)
      expect((await screen.findByRole('alert')).textContent).toMatch(/age.*5.*115/i)
    }
    expect((await record()).body.ageYears).toBeUndefined()
    await user.click(button(/Age in years/))
    await user.keyboard('72{Enter}')
    await saved()
    expect(screen.queryByRole('alert')).toBeNull()
    expect((await record()).body.ageYears).toBe(72)
    expect((await record()).measured.ageYears?.on).toMatch(/^\d{4}-/)
  })

  it('keeps its name where another one is left empty, and says why', async () => {
    const { record } = await openUnknown()
    await user.click(button('Name: Ola Brandt'))
    await user.keyboard('{Backspace}{Enter}')
    expect(screen.getByRole('alert').textContent).toMatch(/No name/)
    expect(button('Name: Ola Brandt')).toBeTruthy()
    expect((await record()).name).toBe('Ola Brandt')
  })

  it('sits on what is said, as high as was measured; on a chair of the house no other seat’s height counts', async () => {
    const { record } = await openUnknown()
    const seat = async () => {
      await saved()
      const { sitsOn, seatHeightM } = (await record()).body
      return [sitsOn, seatHeightM]
    }
    await choose(/^What they sit on/, 'a wheelchair')
    expect(await seat()).toEqual(['wheelchair', undefined])
    await user.click(button(/Height of their seat/))
    await user.keyboard('120{Enter}')
    expect((await screen.findByRole('alert')).textContent).toMatch(/0\.3.*0\.7|30.*70/)
    await user.click(button(/Height of their seat/))
    await user.keyboard('47{Enter}')
    expect(await seat()).toEqual(['wheelchair', 0.47])
    expect(screen.getByText(/Sits on/).textContent).toMatch(/a wheelchair, \s*cm high\. In no group/)
    await choose(/^What they sit on/, 'a firm chair')
    expect(await seat()).toEqual([undefined, undefined])
  })

  it('where a house measures in inches, so does its seat', async () => {
    const { id, record } = await openUnknown()
    cleanup()
    const { revision } = await readHouse()
    await saveHouse({ units: 'imperial', revision })
    await openPage(`/people/${id}`)
    await choose(/^What they sit on/, 'a wheelchair')
    await user.click(button(/Height of their seat/))
    await user.keyboard('18{Enter}')
    await saved()
    expect((await record()).body.seatHeightM).toBeCloseTo(0.4572, 9)
    expect(screen.getByText(/Sits on/).textContent).toMatch(/a wheelchair, \s*in high\./)
  })

  it('enters a limit only with who says so; a figure out of range names its field', async () => {
    const { record } = await openUnknown()
    const limits = part('Limits and orders')
    await user.click(limits.getByRole('button', { name: 'Set a limit' }))
    const figure = limits.getByRole('textbox', { name: 'Degrees' })
    await user.type(figure, '400')
    await user.selectOptions(limits.getByRole('combobox', { name: 'Who says so' }), 'clinician')
    await user.click(limits.getByRole('button', { name: 'Set it' }))
    expect((await limits.findByRole('alert')).textContent).toMatch(/figure|value|0 to/i)
    await user.clear(figure)
    await user.type(figure, '25,5')
    await user.selectOptions(limits.getByRole('combobox', { name: 'Side' }), 'left')
    await user.click(limits.getByRole('button', { name: 'Set it' }))
    await saved()
    const [limit] = (await record()).limits
    expect([limit?.what, limit?.value, limit?.side, limit?.source.kind]).toEqual([
      'kneeFlexionMaxDeg',
      25.5,
      'left',
      'clinician',
    ])
    await user.click(limits.getByRole('button', { name: /Remove/ }))
    await saved()
    expect((await record()).limits).toEqual([])
  })

  it('a limit in centimetres is kept in metres; an order on weight brings its usual percent', async () => {
    const { record } = await openUnknown()
    const limits = part('Limits and orders')
    await user.click(limits.getByRole('button', { name: 'Set a limit' }))
    await user.selectOptions(limits.getByRole('combobox', { name: 'What' }), 'loadMaxPct')
    await user.selectOptions(limits.getByRole('combobox', { name: 'Order' }), 'touch')
    expect(limits.getByRole<HTMLInputElement>('textbox', { name: 'Percent of body weight' }).value).toBe('10')
    await user.selectOptions(limits.getByRole('combobox', { name: 'What' }), 'riseFromM')
    await user.type(limits.getByRole('textbox', { name: 'Centimetres' }), '45,5')
    await user.selectOptions(limits.getByRole('combobox', { name: 'Who says so' }), 'instructor')
    await user.click(limits.getByRole('button', { name: 'Set it' }))
    await saved()
    expect((await record()).limits[0]).toMatchObject({ what: 'riseFromM', value: 0.455 })
    expect((await record()).limits[0]).not.toHaveProperty('grade')
  })

  it('several trials of a test count as one entry, with a comma too; one that is no figure is refused', async () => {
    const { record } = await openUnknown()
    const tests = part('Simple tests')
    await user.click(tests.getByRole('button', { name: 'Enter a test' }))
    await user.type(tests.getByRole('textbox', { name: /Trials/ }), '24; far')
    await user.click(tests.getByRole('button', { name: 'Enter it' }))
    expect(await tests.findByRole('alert')).toBeTruthy()
    await user.clear(tests.getByRole('textbox', { name: /Trials/ }))
    await user.type(tests.getByRole('textbox', { name: /Trials/ }), '24; 25,5 23')
    await user.click(tests.getByRole('button', { name: 'Enter it' }))
    await saved()
    expect((await record()).tests.map(({ trials }) => trials)).toEqual([[24, 25.5, 23]])
    expect(screen.getByText(/of the foot’s length can be used, from the functional reach/)).toBeTruthy()
  })

  it('a length that no body has is not kept; emptied, a measure is an estimate again', async () => {
    const { record } = await openUnknown()
    const body = part('Body')
    const foot = body.getByRole('textbox', { name: /Foot length/ })
    await user.type(foot, '250')
    await user.tab()
    expect(body.getByRole('alert').textContent).toMatch(/Foot length: 250 is not a length of a body/)
    await user.clear(foot)
    await user.type(foot, '25')
    await user.tab()
    await saved()
    expect((await record()).body.footLengthM).toBe(0.25)
    await user.clear(foot)
    await user.tab()
    await saved()
    expect((await record()).body).not.toHaveProperty('footLengthM')
    expect((await record()).measured).not.toHaveProperty('footLengthM')
  })

  it('a leg seen shorter standing computes nothing; measured lying it does; an empty figure is refused', async () => {
    const { record } = await openUnknown()
    const body = part('Body')
    await user.click(body.getByRole('button', { name: 'one is shorter' }))
    await user.type(body.getByRole('textbox', { name: /By, cm/ }), '12')
    await user.click(body.getByRole('button', { name: 'Set it' }))
    expect(await body.findByRole('alert')).toBeTruthy()
    await user.clear(body.getByRole('textbox', { name: /By, cm/ }))
    await user.type(body.getByRole('textbox', { name: /By, cm/ }), '1,5')
    await user.selectOptions(body.getByRole('combobox', { name: 'How' }), 'standing')
    await user.click(body.getByRole('button', { name: 'Set it' }))
    expect(await body.findByText(/nothing is computed from it until it is measured lying/)).toBeTruthy()
    await saved()
    expect((await record()).legDifference).toMatchObject({ shorter: 'left', byM: 0.015, how: 'standing' })
  })

  it('a caution is changed by a figure, declined with a reason; what is no figure is refused', async () => {
    const { record } = await openUnknown()
    const conditions = part('Conditions')
    await user.selectOptions(conditions.getByRole('combobox', { name: 'A condition' }), 'knee')
    await user.click(conditions.getByRole('button', { name: 'left' }))
    await user.click(conditions.getAllByRole('button', { name: 'Change' })[0] as HTMLElement)
    await user.type(conditions.getByRole('textbox', { name: 'Another figure' }), 'less{Enter}')
    expect(await conditions.findByRole('alert')).toBeTruthy()
    await user.clear(conditions.getByRole('textbox', { name: 'Another figure' }))
    await user.type(conditions.getByRole('textbox', { name: 'Another figure' }), '30{Enter}')
    await saved()
    expect((await record()).limits).toMatchObject([{ what: 'kneeFlexionMaxDeg', side: 'left', value: 30 }])
    await user.click(conditions.getAllByRole('button', { name: 'Decline' })[0] as HTMLElement)
    await user.type(conditions.getByRole('textbox', { name: 'Reason' }), 'holds are short anyway{Enter}')
    await saved()
    expect(JSON.stringify((await record()).answers)).toContain('holds are short anyway')
  })

  it('a sign is ticked with its day and gone with another; a complaint goes to the clinician', async () => {
    const { record } = await openUnknown()
    const watch = part('Watch')
    const sign = watch.getAllByRole('checkbox')[0] as HTMLElement
    await user.click(sign)
    await user.selectOptions(
      watch.getByRole('combobox', { name: 'A complaint' }),
      watch.getAllByRole('option')[1] as HTMLElement,
    )
    await saved()
    expect(watch.getByText(/clinician/)).toBeTruthy()
    await user.click(sign)
    await user.click(watch.getByRole('button', { name: /^Gone/ }))
    await saved()
    const kept = await record()
    expect(kept.watch.map(({ gone }) => gone !== undefined)).toEqual([true])
    expect(kept.complaints.map(({ gone }) => gone !== undefined)).toEqual([true])
    expect(watch.queryByText(/clinician/)).toBeNull()
  })
})

describe('somebody of the class', () => {
  it('is away today and here after all; lowered for a reason of one’s own, and back to usual', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    const today = part('Today')
    await user.click(today.getByRole('button', { name: 'not here today' }))
    expect(today.getByText('Not here today.')).toBeTruthy()
    await user.click(today.getByRole('button', { name: 'Here after all' }))
    await user.click(today.getByRole('button', { name: 'other…' }))
    await user.type(today.getByRole('textbox', { name: 'Reason' }), 'new glasses{Enter}')
    expect(today.getByText(/new glasses/i)).toBeTruthy()
    await user.click(today.getByRole('button', { name: 'Sits today' }))
    await saved()
    expect((await readRecord('marit-quill')).record.today.at(-1)).toMatchObject({
      reason: 'new glasses',
      seatedOnly: true,
    })
    await user.click(today.getByRole('button', { name: 'Back to usual now' }))
    expect(today.getByText(/As usual/)).toBeTruthy()
  })

  it('without a server is not called saved; with one again it is, and in the file', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    setServerGone(true)
    await user.type(screen.getByRole('textbox', { name: /In a line/ }), ' Sings.')
    expect(await screen.findByText(/the server does not answer yet/)).toBeTruthy()
    setServerGone(false)
    await waitFor(() => expect(screen.getByText('saved')).toBeTruthy())
    expect((await readRecord('marit-quill')).record.story).toMatch(/Sings\.$/)
  })

  it('left while the server is gone, what was changed waits on this machine and goes on where the page is opened', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    setServerGone(true)
    await user.type(screen.getByRole('textbox', { name: /In a line/ }), ' Sings.')
    expect(await screen.findByText(/the server does not answer yet/)).toBeTruthy()
    cleanup()
    setServerGone(false)
    await openPage('/people/marit-quill')
    await waitFor(() =>
      expect(screen.getByRole<HTMLInputElement>('textbox', { name: /In a line/ }).value).toMatch(/Sings\.$/),
    )
    await waitFor(async () => expect((await readRecord('marit-quill')).record.story).toMatch(/Sings\.$/))
    expect(Object.keys(localStorage).filter((key) => key.startsWith('nivrel.unsent'))).toEqual([])
  })

  it('changed elsewhere in another field meanwhile, both changes are kept and nothing is asked', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    const { revision, record } = await readRecord('marit-quill')
    const body = { ...record.body, massKg: 71 }
    await saveRecord('marit-quill', { revision, record: { ...record, body } })
    await user.type(screen.getByRole('textbox', { name: 'Everything else' }), ' mine')
    await waitFor(async () => expect((await readRecord('marit-quill')).record.notes).toMatch(/ mine$/))
    expect((await readRecord('marit-quill')).record.body.massKg).toBe(71)
    expect(screen.queryByRole('dialog')).toBeNull()
  })

  it('saved elsewhere meanwhile: both are shown, and one’s own is kept only when it is chosen', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    const { revision, record } = await readRecord('marit-quill')
    await saveRecord('marit-quill', { revision, record: { ...record, notes: 'theirs' } })
    await user.type(screen.getByRole('textbox', { name: 'Everything else' }), ' mine')
    const sheet = within(await screen.findByRole('dialog'))
    expect(sheet.getByText(/theirs/)).toBeTruthy()
    expect((await readRecord('marit-quill')).record.notes).toBe('theirs')
  })

  it('is deleted and brought back; without a server nothing is changed, and it is said', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    const remove = async () => {
      await user.click(button('Delete'))
      await user.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Delete' }))
    }
    setServerGone(true)
    await remove()
    expect((await screen.findByRole('alert')).textContent).toMatch(/nothing was changed/)
    setServerGone(false)
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    await remove()
    await user.click(await screen.findByRole('button', { name: 'Bring back' }))
    await waitFor(async () => expect((await readRecord('marit-quill')).record.name).toMatch(/Marit/))
  })

  it('joins no group while the server is gone, and says which', async () => {
    await openHouse()
    await openPage('/people/marit-quill')
    setServerGone(true)
    await user.click(button('+ group'))
    await user.type(screen.getByRole('combobox', { name: 'Group to join' }), 'Morning{Enter}')
    expect((await screen.findByRole('alert')).textContent).toBe('Morning was not joined; try again.')
  })

  it('who is not there is nowhere', async () => {
    await openHouse('nobody')
    await expect(openPage('/people/nobody-here')).rejects.toThrow(Elsewhere)
  })
})
