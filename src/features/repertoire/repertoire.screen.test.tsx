import { screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { listMembers, readBench } from '@/keeping/bench'
import { callRoll } from '@/keeping/roll-call'
import { button, choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'

const group = (name: string) => within(screen.getByRole('region', { name }))

describe('what can she do', () => {
  beforeEach(async () => {
    await openHouse()
    await openPage('/can?person=odalys-marrin')
    await waitFor(() => expect(screen.getByText(/postures as taught, \d+ with less/)).toBeTruthy())
  })

  it('shows the library as she does it, with her limits, readable; and by what is trained', async () => {
    expectReadable()
    expect(screen.getByText(/left knee bend 30° at most/)).toBeTruthy()
    const all = group('As taught').getAllByRole('listitem').length
    await choose(/^Trains:/, 'one leg')
    expect(group('As taught').getAllByRole('listitem').length).toBeLessThan(all)
    expectReadable()
  })

  it('puts one on her bench as she does it; without a server it says that it is not', async () => {
    const less = group('A little less').getAllByRole('button')[0] as HTMLElement
    setServerGone(true)
    await user.click(less)
    await waitFor(() => expect(screen.getByRole('alert').textContent).not.toBe(''))
    setServerGone(false)
    await user.click(less)
    await waitFor(async () => expect((await readBench('odalys-marrin')).draft?.school).toBe('therapeutic'))
  })

  it('begins anew for another frame', async () => {
    await choose(/^School:/, /low coiling/)
    await waitFor(() => expect(screen.getByText(/postures as taught, \d+ with less/)).toBeTruthy())
    expectReadable()
    expect(button(/^School:/).textContent).toContain('low coiling')
  })
})

describe('what can a group do', () => {
  it('shows what fits everybody who is here, each posture with who does what; who is away is named', async () => {
    await openHouse()
    const members = await listMembers('second-launch')
    const away = members.slice(2).map(({ id }) => ({ person: id, mark: 'away' as const }))
    await callRoll({ marks: away })
    await openPage('/can?group=second-launch')
    await waitFor(() => expect(screen.getByText(/^2 people standing: /)).toBeTruthy())
    expect(screen.getByText(/^Away today: /)).toBeTruthy()
    const all = group('Everybody as taught').getAllByRole('link')
    expect(all[0]?.getAttribute('href')).toMatch(/^\/class\?group=second-launch&posture=/)
    expect(within(all[0] as HTMLElement).getByText('2 of 2 as taught')).toBeTruthy()
    expectReadable()
  })
})
