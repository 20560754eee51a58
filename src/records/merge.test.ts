import { describe, expect, it } from 'vitest'
import { parse } from '@/documents/parse'
import { makeRecord, type RecordDocument, recordDocument } from '@/documents/record-document'
import { ENGLISH } from '@/words/english'
import { sayItem } from '@/words/records'
import { compareRecords, joinRecords, mergeRecords, RECORD_PARTS } from './merge'

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

describe('two versions of a record that changed different things', () => {
  const taller = { ...base, body: { ...base.body, statureM: 1.7 } }
  const heavier = { ...base, body: { ...base.body, massKg: 66 }, usualSupport: 'a stick' }

  it('are one, field by field, whichever was first', () => {
    const both = { ...base, body: { ...base.body, statureM: 1.7, massKg: 66 }, usualSupport: 'a stick' }
    expect(mergeRecords(base, taller, heavier)).toEqual(both)
    expect(mergeRecords(base, heavier, taller)).toEqual(both)
    // What one took out is out.
    const { usualSupport: _, ...without } = heavier
    expect(mergeRecords(heavier, without as RecordDocument, { ...heavier, notes: 'new' })).toEqual({
      ...without,
      notes: 'new',
    })
  })

  it('are none where both changed the same field otherwise, or the same list; the same change is no clash', () => {
    expect(mergeRecords(base, taller, { ...base, body: { ...base.body, statureM: 1.6 } })).toBeNull()
    expect(mergeRecords(base, { ...base, limits: [knee(30)] }, { ...base, limits: [knee(40)] })).toBeNull()
    expect(mergeRecords(base, taller, { ...taller, notes: 'new' })).toEqual({ ...taller, notes: 'new' })
  })
})

describe('a record saved in two places', () => {
  it('has every key in one part, so that none is chosen unseen', () => {
    const keys = RECORD_PARTS.flatMap((part) => part.keys)
    expect([...keys, 'format'].sort()).toEqual(Object.keys(recordDocument.shape).sort())
  })

  it('shows what only one version has, and proposes the version that changed it', () => {
    const found = compareRecords(base, here, there).map(({ part, items, usual }) => [
      part.name,
      {
        here: items.here.map((one) => sayItem(one, undefined, undefined, ENGLISH)),
        there: items.there.map((one) => sayItem(one, undefined, undefined, ENGLISH)),
      },
      usual,
    ])
    expect(found).toEqual([
      ['body', { here: [], there: ['a stick'] }, 'there'],
      ['limits', { here: ['left knee bend 30° at most (Dr. Venn, 3 March)'], there: [] }, 'here'],
      ['tests', { here: [], there: ['Tandem 6; 8, 4 March'] }, 'there'],
      ['words', { here: ['mine'], there: ['theirs'] }, 'here'],
    ])
  })

  it('says figures of the body in the units of the house', () => {
    const measured = { ...base, body: { ...base.body, statureM: 1.625, massKg: 70.4, footLengthM: 0.246 } }
    const items = compareRecords(base, measured, base).flatMap((one) => one.items.here)
    const say = (units: 'metric' | 'imperial') => items.map((item) => sayItem(item, [], units, ENGLISH))
    expect(say('metric')).toEqual(['height 162.5 cm', 'mass 70.4 kg', 'foot length 24.6 cm'])
    expect(say('imperial')).toEqual(['height 5 ft 4 in', 'mass 155 lb', 'foot length 9.7 in'])
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

  it('says everything that a record can hold, each thing in words of its own', () => {
    const on = '2026-03-03'
    const source = { kind: 'instructor' as const }
    const full = parse(recordDocument, {
      ...base,
      groups: ['g1'],
      archived: true,
      body: {
        ...base.body,
        ageYears: 71,
        sex: 'female',
        footLengthM: 0.24,
        lengths: { thighM: { left: 0.41, right: 0.42 } },
      },
      measured: { footLengthM: { on } },
      legDifference: { shorter: 'left', byM: 0.01, how: 'lying', on },
      usualSupport: 'a stick',
      limits: [
        knee(30),
        { what: 'helperBeside', value: true, source, on },
        { what: 'support', value: 'chair-back', source, on },
      ],
      conditions: [{ condition: 'knee', side: 'left', on }],
      answers: [{ caution: 'knee.short.left', answer: 'declined', on, reason: 'holds are short' }],
      tests: [{ test: 'functional-reach', on, trials: [24, 25] }],
      measures: [
        { what: 'split', loadLeftPct: 55, sdPct: 1, on },
        { what: 'sway', eyes: 'closed', areaMm2: 210, rmsAlongMm: 5, rmsAcrossMm: 3, meanSpeedMmS: 9, seconds: 30, on },
        { what: 'tilt', of: 'pelvis', pitchDeg: 4, rollDeg: 1, spreadDeg: 0.5, on },
        { what: 'centre', centreM: [0.1, 0.05], centreSdM: [0.01, 0.01], on, standIn: true },
      ],
      today: [{ on, reason: 'sore', kneePct: 50 }],
      away: ['2026-03-05'],
      watch: [
        { sign: 'looks down', on },
        { sign: 'hurries', on, gone: '2026-03-09' },
      ],
      complaints: [{ complaint: 'knee-inside', when: 'on the stairs', on }],
      story: 'likes to sing',
      notes: 'sits near the door',
    })
    const differences = compareRecords(base, full, base)
    expect(differences.map(({ part }) => part.name)).toEqual(
      RECORD_PARTS.map(({ name }) => name).filter((name) => differences.some(({ part }) => part.name === name)),
    )
    const said = differences.flatMap(({ items }) =>
      items.here.map((one) => sayItem(one, [{ id: 'g1', name: 'Morning' }], undefined, ENGLISH)),
    )
    expect(said.length).toBeGreaterThan(20)
    expect(new Set(said).size).toBe(said.length)
    for (const one of said) {
      expect(one).not.toMatch(/undefined|NaN|\[object|null/)
      expect(one.length).toBeGreaterThan(2)
    }
    expect(said.join('\n')).toMatch(/Morning/)
    expect(said.join('\n')).toMatch(/stand-in/)
    // Joined whole from one of the two, nothing of the other is left, and nothing is lost.
    expect(joinRecords(full, base, [])).toMatchObject({
      notes: full.notes,
      measures: full.measures,
      answers: full.answers,
    })
    const theirs = joinRecords(
      full,
      base,
      differences.map(({ part }) => part),
    )
    expect(theirs).toMatchObject(base)
  })
})
