import { act, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { keepLesson } from '@/keeping/lessons'
import { setClock, TODAY } from '@/testing/clock'
import { user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'

const GROUP = 'slack-tide'

beforeEach(async () => {
  setClock(`${TODAY}T10:00:00Z`)
  await openHouse()
})
afterEach(() => setClock(`${TODAY}T10:00:00Z`))

describe('teaching', () => {
  it('changes feet in the middle of an exercise with one foot ahead, and says so', async () => {
    const pieces = [
      { id: 'a', kind: 'exercise' as const, exercise: 'rock' as const, minutes: 2 },
      { id: 'b', kind: 'talk' as const, minutes: 18 },
    ]
    await keepLesson({ group: GROUP, day: TODAY, revision: 0, document: { minutes: 20, pieces } })
    await openPage(`/teach?group=${GROUP}&day=${TODAY}`)
    await user.click(screen.getAllByRole('button', { name: 'Begin' })[0] as HTMLElement)
    await waitFor(() => expect(screen.getByText(/left foot ahead/)).toBeTruthy())
    expect(screen.queryByText(/Change feet/)).toBeNull()
    act(() => setClock(`${TODAY}T10:01:05Z`))
    await waitFor(() => expect(screen.getByText(/Change feet/)).toBeTruthy())
    expect(screen.getByText(/right foot ahead/)).toBeTruthy()
    act(() => setClock(`${TODAY}T10:01:30Z`))
    await waitFor(() => expect(screen.queryByText(/Change feet/)).toBeNull())
  })
})
