import { screen } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { addDays } from '@/documents/days'
import { today } from '@/keeping/clock'
import { keepLesson } from '@/keeping/lessons'
import { openHouse } from '@/testing/screens/house'
import { Elsewhere } from '@/testing/screens/navigation'
import { openPage } from '@/testing/screens/open-page'
import { expectReadable } from '@/testing/screens/sight'

/** How many sheets are told of. */
const count = () => {
  const said = screen.getByRole('status').textContent ?? ''
  return /^One/.test(said) ? 1 : Number(/\d+/.exec(said)?.[0] ?? 0)
}
const shown = () => document.querySelectorAll('svg[viewBox]').length
const download = () => screen.getByRole('link', { name: /PDF/ }).getAttribute('href') ?? ''

beforeEach(async () => {
  await openHouse('history')
})

describe('paper', () => {
  it.each(['card', 'home', 'plan', 'tape', 'clinician'])('of somebody, previewed as it prints: %s', async (as) => {
    await openPage(`/paper?as=${as}&person=yuki-harland`)
    expect(count()).toBeGreaterThan(0)
    expect(shown()).toBeGreaterThanOrEqual(count())
    expectReadable()
    expect(download()).toMatch(new RegExp(`^/api/paper\\?.*as=${as}`))
  })

  it('what passes somebody’s limits is on no card, and it is said why', async () => {
    await openPage('/paper?as=card&person=calla-wynd')
    const none = screen.queryByText(/passes a limit|cannot be stood|beyond/i)
    expect(none !== null || count() > 0).toBe(true)
    expectReadable()
  })

  it('of a group’s day: the lesson, or a log sheet; of a routine its prints', async () => {
    const day = addDays(await today(), 3)
    await openPage(`/paper?as=log&group=slack-tide&day=${day}`)
    expect(count()).toBeGreaterThan(0)
    const document = { minutes: 20, pieces: [{ id: 'a', kind: 'talk' as const, minutes: 20 }] }
    await keepLesson({ group: 'slack-tide', day, revision: 0, document })
    await openPage(`/paper?as=lesson&group=slack-tide&day=${day}`)
    await openPage('/paper?as=path&routine=quay-four&person=yuki-harland')
    expectReadable()
  })

  it.each([
    '/paper',
    '/paper?as=card',
    '/paper?as=card&person=nobody-here',
    '/paper?as=poster&person=yuki-harland',
    '/paper?as=class&group=slack-tide&posture=bow',
    '/paper?as=lesson&group=slack-tide&day=2031-02-30',
    '/paper?as=path&routine=nothing&person=yuki-harland',
  ])('that cannot be made is nowhere: %s', async (path) => {
    await expect(openPage(path)).rejects.toThrow(Elsewhere)
  })
})
