import { describe, expect, it } from 'vitest'
import { makeRecord, type RecordDocument, recordDocument } from '@/formats/record-document'
import { sayItem } from '@/words/records'
import { compareRecords, joinRecords, RECORD_PARTS } from './merge'

const base: RecordDocument = makeRecord('Ada Reef', { statureM: 1.62, massKg: 60 }, { notes: 'begins' })
const knee = (value: number) => ({
  what: 'kneeFlexionMaxDeg' as const,
  side: 'left' as const,
  value,
  source: { kind: 'clinician' as const, name: 'Dr. Venn' },
  on: '2026-03-03',
})
const here: RecordDocument = { ...base, notes: 'mine', limits: [knee(30)] }
const there: RecordDocument = {
  ...base,
  notes: 'theirs',
  tests: [{ test: 'tandem', on: '2026-03-04', trials: [6, 8] }],
  usualSupport: 'a stick',
  asked: 'kept',
}

describe('a record saved in two places', () => {
  it('has every key in one part, so that none is chosen unseen', () => {
    const keys = RECORD_PARTS.flatMap((part) => part.keys)
    expect([...keys, 'format'].sort()).toEqual(Object.keys(recordDocument.shape).sort())
  })

  it('shows what only one version has, and proposes the version that changed it', () => {
    const found = compareRecords(base, here, there).map(({ part, items, usual }) => [
      part.name,
      { here: items.here.map((one) => sayItem(one)), there: items.there.map((one) => sayItem(one)) },
      usual,
    ])
    expect(found).toEqual([
      ['body', { here: [], there: ['a stick'] }, 'there'],
      ['limits', { here: ['left knee bend 30° at most (Dr. Venn, 3 March)'], there: [] }, 'here'],
      ['tests', { here: [], there: ['Tandem 6; 8, 4 March'] }, 'there'],
      ['words', { here: ['mine'], there: ['theirs'] }, 'here'],
    ])
  })

  it('joins what was chosen; what was added there and is in no part stays', () => {
    const [body, , tests] = compareRecords(base, here, there).map(({ part }) => part)
    const joined = joinRecords(here, there, [body, tests] as typeof RECORD_PARTS)
    expect(joined).toEqual({ ...there, notes: 'mine', limits: here.limits })
    expect('usualSupport' in joinRecords({ ...here, usualSupport: 'none' }, base, [body] as typeof RECORD_PARTS)).toBe(
      false,
    )
    expect(joinRecords(here, there, [])).toMatchObject({ notes: 'mine', limits: here.limits, tests: [] })
  })
})
