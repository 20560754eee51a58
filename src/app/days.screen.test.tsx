import { cleanup } from '@testing-library/react'
import { afterAll, expect, it, vi } from 'vitest'
import { addDays, weekdayOf } from '@/documents/days'
import { today } from '@/keeping/clock'
import { listLessons } from '@/keeping/lessons'
import { readLogOfGroup } from '@/keeping/log'
import { PINNED, setClock } from '@/testing/clock'
import { openHouse } from '@/testing/screens/house'
import { openPage } from '@/testing/screens/open-page'
import { expectReadable } from '@/testing/screens/sight'

/** What a worker finds does not hang on the day: here none answers. */
class Silent {
  postMessage(): void {}
  addEventListener(): void {}
  removeEventListener(): void {}
  terminate(): void {}
}
vi.stubGlobal('Worker', Silent)
afterAll(() => setClock(PINNED.NIVREL_CLOCK))

const inARow = Array.from({ length: 14 }, (_, i) => [`${addDays('2026-11-24', i)}T16:00:00Z`, 'UTC'] as const)
const turns = [
  ['2026-02-28T12:00:00Z', 'UTC'],
  ['2028-02-29T12:00:00Z', 'UTC'],
  // Shortly after midnight, the day after both changes of the clock: what is counted in hours is a day off.
  ['2026-03-30T22:05:00Z', 'Europe/Madrid'],
  ['2026-10-26T23:30:00Z', 'Europe/Madrid'],
  ['2027-01-01T00:01:00Z', 'UTC'],
] as const
/** Three days at one instant, from eleven hours behind to fourteen ahead. */
const zones = ['Pacific/Pago_Pago', 'Asia/Kathmandu', 'Pacific/Kiritimati'].map(
  (zone) => ['2026-06-16T10:30:00Z', zone] as const,
)

const GROUPS = [
  { id: 'slack-tide', weekday: 2 },
  { id: 'second-launch', weekday: 4 },
]

it.each([...inARow, ...turns, ...zones])('every screen on %s in %s', async (instant, zone) => {
  setClock(instant, zone)
  await openHouse('history')
  const day = await today()
  expect(day).toBe(new Date(instant).toLocaleDateString('sv-SE', { timeZone: zone }))

  // Last Tuesday is last Tuesday, eight weeks lie behind, and a lesson lies ahead within the week.
  const lessons = await listLessons()
  for (const { id, weekday } of GROUPS) {
    const days = lessons.filter(({ group }) => group === id).map((one) => one.day)
    const [past, ahead] = [days.filter((one) => one < day), days.filter((one) => one >= day)]
    expect([past.length, ahead.length, new Set(days.map(weekdayOf))]).toEqual([8, 1, new Set([weekday])])
    expect((past.toSorted().at(-1) as string) >= addDays(day, -7)).toBe(true)
    expect((ahead[0] as string) < addDays(day, 7)).toBe(true)
    const written = await readLogOfGroup(id, addDays(day, -70), day)
    expect(new Set(written.map((row) => row.day))).toEqual(new Set(past))
  }

  const next = lessons.find(({ group, day: one }) => group === 'slack-tide' && one >= day)?.day
  const pages: [address: string, shows: RegExp][] = [
    ['/', /Slack Tide|Second Launch/],
    ['/bench', /Odalys Marrin/],
    ['/people', /Bram Tallow/],
    ['/people/odalys-marrin', /Odalys Marrin/],
    ['/class?group=slack-tide', /Slack Tide/],
    ['/path', /Odalys Marrin/],
    ['/lesson?group=slack-tide', /Slack Tide/],
    [`/teach?group=slack-tide&day=${next}`, /50 min left/],
    ['/log?group=second-launch', /Gideon Marsh/],
    ['/log?person=bram-tallow', /Bram Tallow/],
    ['/measure?person=odalys-marrin', /Odalys Marrin/],
    ['/postures', /bow/i],
    ['/house', /house/i],
  ]
  for (const [address, shows] of pages) {
    await openPage(address)
    expect(document.body.textContent, address).toMatch(shows)
    expectReadable()
    cleanup()
  }
})
