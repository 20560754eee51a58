import { screen, waitFor } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'

describe('a class', () => {
  it('is fitted', async () => {
    await openHouse()
    await openPage('/class')
    await waitFor(() => expect(screen.queryByRole('progressbar')).toBeTruthy(), { timeout: 2000 })
    await waitFor(() => expect(screen.queryByRole('progressbar')).toBeNull(), { timeout: 20_000 })
    console.log(document.body.textContent)
  })
})
