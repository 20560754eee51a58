import { screen } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import Broken from '@/app/error'
import NotFound from '@/app/not-found'
import { button, user } from '@/testing/screens/hands'
import { renderSaid } from '@/testing/screens/render-said'
import { expectReadable } from '@/testing/screens/sight'

it('where nothing is, the page says so in words and leads back to the day', () => {
  renderSaid(<NotFound />)
  expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Nothing is kept here.')
  expect(screen.getByRole('link', { name: 'To today' }).getAttribute('href')).toBe('/')
  expectReadable()
})

it('what could not be made is tried once more by a press, and what was saved is said to be', async () => {
  const again = vi.fn()
  renderSaid(<Broken reset={again} />)
  expect(screen.getByText(/^What was saved is saved\./)).toBeTruthy()
  await user.click(button('Try once more'))
  expect(again).toHaveBeenCalledTimes(1)
})
