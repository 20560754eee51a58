import { cleanup, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import { readRecord, saveRecord } from '@/keeping/people'
import { user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { renderSaid } from '@/testing/screens/render-said'
import { setServerGone } from '@/testing/screens/server'
import { UnsentNote } from './UnsentNote'

const storyOf = async (id: string) => (await readRecord(id)).record.story
const waiting = () => Object.keys(localStorage).filter((key) => key.startsWith('nivrel.unsent'))

/** Words are added to Marit's line while nobody answers, and her page is left for another one. */
async function leaveUnsent() {
  await openHouse()
  window.history.replaceState(null, '', '/people/marit-quill')
  await openPage('/people/marit-quill')
  setServerGone(true)
  await user.type(screen.getByRole('textbox', { name: /In a line/ }), ' Sings.')
  expect(await screen.findByText(/the server does not answer yet/)).toBeTruthy()
  cleanup()
  window.history.replaceState(null, '', '/elsewhere')
  renderSaid(<UnsentNote />)
  expect(await screen.findByRole('link', { name: 'Marit Quill' })).toBeTruthy()
}

it('what waited is named by whom it is of, and goes to the server from whatever page is open', async () => {
  await leaveUnsent()
  setServerGone(false)
  await waitFor(async () => expect(await storyOf('marit-quill')).toMatch(/Sings\.$/))
  await waitFor(() => expect(screen.queryByRole('link', { name: 'Marit Quill' })).toBeNull())
  expect(waiting()).toEqual([])
})

it('what somebody else changed meanwhile is not gone over: it waits for its page, which asks', async () => {
  await leaveUnsent()
  const { revision, record } = await readRecord('marit-quill')
  await saveRecord('marit-quill', { revision, record: { ...record, story: 'Another line.' } })
  cleanup()
  setServerGone(false)
  renderSaid(<UnsentNote />)
  expect(await screen.findByRole('link', { name: 'Marit Quill' })).toBeTruthy()
  expect([await storyOf('marit-quill'), waiting().length]).toEqual(['Another line.', 1])
})

it('what is in the file already, its answer lost, waits no longer', async () => {
  await leaveUnsent()
  const { revision, record } = await readRecord('marit-quill')
  await saveRecord('marit-quill', { revision, record: { ...record, story: `${record.story} Sings.` } })
  setServerGone(false)
  await waitFor(() => expect(waiting()).toEqual([]))
})
