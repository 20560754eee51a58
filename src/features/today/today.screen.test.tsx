import { cleanup, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { addDays } from '@/documents/days'
import { today } from '@/keeping/clock'
import { keepLesson, listLessons } from '@/keeping/lessons'
import { readDay } from '@/keeping/log'
import { readRecord, saveRecord } from '@/keeping/people'
import { readRoll } from '@/keeping/roll-call'
import { choose, user } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { setServerGone } from '@/testing/screens/server'
import { expectReadable } from '@/testing/screens/sight'

const ORDER = ['grave', 'order', 'rest']
const button = (name: RegExp | string) => screen.getByRole('button', { name })

/** A lesson of a group today, and all that was before written down. */
async function openToday(group = 'slack-tide') {
  const day = await today()
  const [last] = (await listLessons()).filter((one) => one.group === group)
  if (last) await keepLesson({ group, day, revision: 0, document: last.document })
  await openPage(`/?group=${group}`)
}

describe('today', () => {
  beforeEach(async () => {
    localStorage.clear()
    await openHouse('history')
  })

  it('says who comes and calls the roll in place; then teaching is next, and whoever is away is counted', async () => {
    await openToday()
    expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/Slack Tide.* comes today: \d+ people\./)
    expectReadable()
    const roll = within(screen.getByRole('region', { name: 'Who comes' }))
    await user.click(within(roll.getByRole('group', { name: 'Isolde Farrant' })).getByRole('button', { name: /away/i }))
    await waitFor(async () => expect((await readRecord('isolde-farrant')).record.away).toContain(await today()))
    await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/one of them away today/))
    // Of the others nobody said anything yet.
    expect(screen.queryByRole('link', { name: 'Teach' })).toBeNull()
    expect(await readRoll('slack-tide', await today())).toBeNull()
    await user.click(button('Everybody else is here: the roll is called'))
    const teach = await screen.findByRole('link', { name: 'Teach' })
    expect(teach.getAttribute('href')).toMatch(/^\/teach\?group=slack-tide/)
  })

  it('asks where somebody is sore, and lowers what that place is asked for', async () => {
    await openToday()
    const roll = within(screen.getByRole('region', { name: 'Who comes' }))
    await user.click(within(roll.getByRole('group', { name: 'Isolde Farrant' })).getByRole('button', { name: 'sore' }))
    await waitFor(() => expect(button('Where Isolde Farrant is sore: where?')).toBeTruthy())
    await choose(/^Where Isolde Farrant/, 'shoulder')
    await waitFor(() => expect(button('Where Isolde Farrant is sore: shoulder')).toBeTruthy())
    const { record } = await readRecord('isolde-farrant')
    expect(record.today.at(-1)).toMatchObject({ reason: 'sore', at: 'shoulder' })
    expect(record.today.at(-1)).not.toHaveProperty('kneeFlexionMaxDeg')
    expectReadable()
  })

  it('has a chair ready for whom something happened to, and one for each where something is done on chairs', async () => {
    const day = await today()
    await openToday()
    const ready = () => screen.getByRole('region', { name: 'To have ready' }).textContent
    // Three have it by what binds today; Wilhelm, who was dizzy, as well.
    expect(ready()).toMatch(/^To have ready4 chairs beside/)
    const lesson = (await listLessons()).find((one) => one.group === 'slack-tide' && one.day === day)
    const seated = {
      id: 's',
      kind: 'exercise' as const,
      exercise: 'arms' as const,
      limbs: 'seated' as const,
      minutes: 5,
    }
    const document = { ...lesson?.document, pieces: [seated] } as NonNullable<typeof lesson>['document']
    await keepLesson({ group: 'slack-tide', day, revision: lesson?.revision ?? 0, document })
    cleanup()
    await openPage('/?group=slack-tide')
    expect(ready()).toMatch(/^To have ready13 to sit on and one helper/)
  })

  it('asks for the roll where nobody is marked, and is content with everybody, on the log, too, until tomorrow', async () => {
    await openToday('second-launch')
    await user.click(button('Everybody is here: the roll is called'))
    expect(await screen.findByRole('link', { name: 'Teach' })).toBeTruthy()
    cleanup()
    await openPage('/?group=second-launch')
    expect(screen.getByRole('link', { name: 'Teach' })).toBeTruthy()
    cleanup()
    const day = await today()
    await openPage(`/log?group=second-launch&day=${day}`)
    const came = () => screen.getAllByRole('button', { name: /^Came, / }).map((one) => one.getAttribute('aria-pressed'))
    expect(new Set(came())).toEqual(new Set(['true']))
    expect(await readDay('second-launch', day)).toEqual([])
    expect(await readRoll('second-launch', addDays(day, 1))).toBeNull()
  })

  it('without a server the roll is not called', async () => {
    await openToday('second-launch')
    setServerGone(true)
    await user.click(button('Everybody is here: the roll is called'))
    expect(await screen.findByRole('alert')).toBeTruthy()
    expect(screen.queryByRole('link', { name: 'Teach' })).toBeNull()
  })

  it('says what has to be known of whom, orders first; of whoever is away nothing', async () => {
    const { revision, record } = await readRecord('odalys-marrin')
    const order = {
      what: 'kneeFlexionMaxDeg' as const,
      side: 'left' as const,
      value: 25,
      source: { kind: 'clinician' as const, name: 'Dr Orla Venn' },
      on: await today(),
    }
    await saveRecord('odalys-marrin', { revision, record: { ...record, limits: [...record.limits, order] } })
    await openToday()
    const known = within(screen.getByRole('region', { name: 'Before the class' }))
    const line = known.getByRole('link', { name: 'Odalys Marrin' }).closest('li') as HTMLElement
    expect(line.textContent).toMatch(/left knee bend 25° at most.*Dr Orla Venn/)
    // What happened and is not answered, then orders, then the rest.
    const kinds = known
      .getAllByRole('listitem')
      .map((one) => (one.dataset.grave === 'true' ? 'grave' : one.querySelector('strong') ? 'order' : 'rest'))
    expect(kinds).toEqual(kinds.toSorted((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b)))
    expect(kinds).toContain('rest')
    await user.click(
      within(screen.getByRole('group', { name: 'Odalys Marrin' })).getByRole('button', { name: /away/i }),
    )
    await waitFor(() => expect(known.queryByRole('link', { name: 'Odalys Marrin' })).toBeNull())
  })

  it('without a server nobody is marked, and it is said', async () => {
    await openToday()
    setServerGone(true)
    await user.click(
      within(screen.getByRole('group', { name: 'Isolde Farrant' })).getByRole('button', { name: /away/i }),
    )
    expect(await screen.findByText(/It could not be kept/)).toBeTruthy()
    setServerGone(false)
    expect((await readRecord('isolde-farrant')).record.away).not.toContain(await today())
  })

  it('a look round is there the first time, closed for good, and found again; words are explained', async () => {
    await openToday()
    await user.click(within(screen.getByRole('region', { name: 'A short look round' })).getByRole('button'))
    expect(screen.queryByRole('region', { name: 'A short look round' })).toBeNull()
    await user.click(button('Look round'))
    expect(screen.getByRole('region', { name: 'A short look round' })).toBeTruthy()
  })
})

describe('without anybody', () => {
  it('leads from nobody to the first class', async () => {
    await openHouse('nobody')
    await openPage('/')
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Nobody is here yet.')
    expect(screen.getByRole('link', { name: 'Write down the first person' }).getAttribute('href')).toBe('/bench')
    expectReadable()
  })

  it('the words have a page of their own', async () => {
    await openHouse('nobody')
    await openPage('/words')
    expect(screen.getAllByRole('term').length).toBeGreaterThan(12)
    expectReadable()
  })
})
