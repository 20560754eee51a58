import { describe, expect, it } from 'vitest'
import { listConcerns, USUAL_PRACTICE } from '@/core'
import type { LogRow } from '@/documents/log-document'
import type { LimitEntry } from '@/documents/record-document'
import type { FallsTold } from '@/records/falls'
import { listClassDays } from '@/teaching/practice/class-days'
import { sayForClinician } from './clinician'
import { ENGLISH } from './english'

const plain = (text: string) => text.replace(/\s/g, ' ')
const limit = (kind: LimitEntry['source']['kind'], name?: string): { entry: LimitEntry } => ({
  entry: {
    what: 'kneeFlexionMaxDeg',
    side: 'left',
    value: 30,
    source: { kind, ...(name && { name }) },
    on: '2026-03-01',
  },
})
const row = (day: string, more: Partial<LogRow> = {}): LogRow => ({ person: 'a', group: 'g', day, came: true, ...more })

const told = (rows: LogRow[], limits: { entry: LimitEntry }[] = [], falls: FallsTold | null = null) => {
  const days = listClassDays(rows)
  const concerns = listConcerns(days, USUAL_PRACTICE)
  return sayForClinician(
    {
      name: 'Bram Tallow',
      falls,
      limits,
      rows,
      days,
      concerns,
    },
    '2026-03-20',
    ENGLISH,
  )
}

describe('what a clinician is told', () => {
  it('holds only orders, each with who gave it and when; what others said is none', () => {
    const { orders } = told([], [limit('clinician', 'Dr. Venn'), limit('instructor', 'R. Holm'), limit('clinician')])
    expect(orders.map(plain)).toEqual([
      'left knee bend 30° at most (Dr. Venn, 1 March)',
      'left knee bend 30° at most (1 March)',
    ])
  })

  it('says how often they came and the means of what was said, never of what was not', () => {
    const { done } = told([
      row('2026-03-03', { effort: 4 }),
      row('2026-03-10', { effort: 5, pain: 2 }),
      row('2026-03-17', { came: false }),
    ])
    expect(done).toMatch(/^2 of 3 classes since 3 March/)
    expect(done).toMatch(/effort 4\.5, pain 2/)
    const nothing = told([]).done
    expect(nothing).toMatch(/^0 of 0/)
    expect(nothing).not.toMatch(/NaN|undefined/)
  })

  it('says what was seen before the newest words, with the year where it is another', () => {
    const words = ['2025-12-30', '2026-03-01', '2026-03-02', '2026-03-03'].map((day, i) =>
      row(day, { word: `word ${i}` }),
    )
    const { seen } = told([...words, row('2026-03-10', { nearFall: true })])
    expect(seen[0]).toMatch(/near fall/)
    expect(seen.slice(-3)).toEqual(['1 March: word 1', '2 March: word 2', '3 March: word 3'])
    expect(told(words.slice(0, 1)).seen.at(-1)).toBe('30 December 2025: word 0')
  })

  it('says first what was told of falls', () => {
    const fell = { on: '2026-03-02', times: 2, injured: true, doing: 'on the stairs' }
    expect(told([row('2026-03-17', { word: 'tired' })], [], fell).seen.map(plain)).toEqual([
      'Fell twice in the year before 2 March, and was hurt: on the stairs.',
      '17 March: tired',
    ])
  })

  it('asks, and judges nothing', () => {
    const { question, orders, seen } = told([])
    expect(question).toMatch(/Bram Tallow.*\?$/)
    expect([orders, seen]).toEqual([[], []])
  })
})
