import { describe, expect, it } from 'vitest'
import type { LogRow } from '@/documents/log-document'
import { listComplained } from './complained'

const row = (day: string, more: Partial<LogRow>): LogRow => ({ person: 'a', group: 'g', day, ...more })
const TODAY = '2026-12-01'

describe('what somebody complains of', () => {
  it('is what the record says and is not gone, and pain that was written down lately, the last day of it', () => {
    const rows = [
      row('2026-11-10', { pain: 3, painAt: 'knee' }),
      row('2026-11-24', { pain: 5, painAt: 'knee' }),
      row('2026-11-24', { pain: 2, painAt: 'back' }),
    ]
    const complaints = [
      { complaint: 'knee', on: '2026-10-01' },
      { complaint: 'shoulder', on: '2026-10-01', gone: '2026-11-01' },
      { complaint: 'the old scar', on: '2026-10-01' },
    ]
    expect(listComplained(complaints, rows, TODAY)).toEqual([
      { complaint: 'knee', painOn: '2026-11-24' },
      { complaint: 'the old scar', painOn: null },
      { complaint: 'low-back', painOn: '2026-11-24' },
    ])
  })

  it('is not pain of long ago, of a day to come, of none, or of a place without usual causes', () => {
    const rows = [
      row('2026-11-02', { pain: 6, painAt: 'knee' }),
      row('2026-12-02', { pain: 6, painAt: 'back' }),
      row('2026-11-24', { pain: 0, painAt: 'shoulder' }),
      row('2026-11-24', { pain: 6, painAt: 'head' }),
    ]
    expect(listComplained([], rows, TODAY)).toEqual([])
    expect(listComplained([], [row('2026-11-03', { pain: 6, painAt: 'knee' })], TODAY)).toHaveLength(1)
  })
})
