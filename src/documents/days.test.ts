import { afterEach, expect, it } from 'vitest'
import { PINNED, setClock } from '@/testing/clock'
import { addDays, weekdayOf } from './days'

afterEach(() => setClock(PINNED.NIVREL_CLOCK))

it.each(['UTC', 'America/Lima', 'Europe/Madrid', 'Pacific/Kiritimati', 'Pacific/Pago_Pago'])(
  'days are counted by the calendar, wherever the program runs: %s',
  (zone) => {
    setClock(PINNED.NIVREL_CLOCK, zone)
    expect(addDays('2028-02-28', 2)).toBe('2028-03-01')
    expect(addDays('2026-02-28', 1)).toBe('2026-03-01')
    // Over both changes of the clock, and the turn of the year.
    expect([addDays('2026-03-28', 2), addDays('2026-10-26', -2)]).toEqual(['2026-03-30', '2026-10-24'])
    expect(addDays('2027-01-01', -1)).toBe('2026-12-31')
    expect(['2026-11-29', '2026-11-30', '2026-12-05'].map(weekdayOf)).toEqual([0, 1, 6])
  },
)
