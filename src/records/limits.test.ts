import { describe, expect, it } from 'vitest'
import { type Limits, limitOf, SIDES } from '@/core'
import { keyOf, LIMIT_FIELDS, LIMIT_WHATS, type LimitWhat, readLimit } from '@/documents/limit-fields'
import { parse } from '@/documents/parse'
import { type LimitEntry, makeRecord, recordDocument } from '@/documents/record-document'
import { toPerson } from '@/documents/to-core'
import { bindLimits } from './binding'
import { resolveRecord } from './resolve'

const DAY = '2026-03-12'

/** Two values of a limit, the stricter one first. */
function valuesOf(what: LimitWhat): [LimitEntry['value'], LimitEntry['value']] {
  const { unit, range, stricter } = limitOf(keyOf(what))
  if (unit === 'support') return ['walker', 'touch']
  if (!range) return [true, false]
  const [low, high] = [1, 3].map((part) => Math.round(((range[0] * (4 - part) + range[1] * part) / 4) * 1e6) / 1e6)
  const written = (value = 0) => Math.round((value / readLimit(keyOf(what), 1)) * 1e4) / 1e4
  return stricter === 'lower' ? [written(low), written(high)] : [written(high), written(low)]
}

const entry = (what: LimitWhat, value: LimitEntry['value'], kind: LimitEntry['source']['kind']): LimitEntry => ({
  what,
  value,
  source: { kind },
  on: '2026-01-10',
})

describe.each(LIMIT_WHATS)('%s', (what) => {
  const [strict, loose] = valuesOf(what)
  const { range, per, kept, ordered } = limitOf(keyOf(what))

  it('is held by a record within its range, and refused beyond it', () => {
    const record = makeRecord('Ana', { statureM: 1.6, massKg: 60 }, { limits: [entry(what, strict, 'instructor')] })
    expect(parse(recordDocument, record).limits).toEqual(record.limits)
    expect(LIMIT_FIELDS[what].safeParse('twice').success).toBe(false)
    if (range) expect(LIMIT_FIELDS[what].safeParse(Number(strict) + 1e4).success).toBe(false)
  })

  it('binds by the stricter of two that were said, and reaches the model that keeps it', () => {
    const limits = [entry(what, strict, 'instructor'), entry(what, loose, 'self-reported')]
    expect(bindLimits(limits)).toMatchObject([{ what, entry: { value: strict } }])
    const record = makeRecord('Ana', { statureM: 1.6, massKg: 60 }, { limits })
    const person = toPerson(resolveRecord(record, DAY).document)
    const key = keyOf(what)
    const expected = typeof strict === 'number' ? expect.closeTo(readLimit(key, strict), 9) : strict
    if (kept === 'teacher') expect(JSON.stringify(person.limits)).not.toContain(key)
    else if (what === 'loadMaxPct') expect(person.limits?.loadMax).toEqual({ left: expected, right: expected })
    else if (per === 'whole') {
      expect(person.limits).toMatchObject({ [key]: expected, ...(ordered && { [ordered]: true }) })
    } else for (const side of SIDES) expect(person.limits?.[side as keyof Limits]).toMatchObject({ [key]: expected })
  })
})
