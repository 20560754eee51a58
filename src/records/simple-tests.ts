import type { RecordDocument, TestEntry, TestId } from '@/formats/record-document'

export type SimpleTest = {
  name: string
  how: string
  unit: 's' | 'cm' | 'times' | 'seen'
  /** Which of several trials counts. */
  of: 'best' | 'least' | 'last'
  /** The reference range for a person, with its source; a reading aid, never a diagnosis. */
  reference: (about: {
    sex?: string | undefined
    age?: number | undefined
  }) => { text: string; low?: number; high?: number; source: string } | null
}

const TEN_SECONDS = {
  text: 'usually held 10 s',
  low: 10,
  source: 'public-health screening of older adults: under 10 s in tandem goes with a raised fall risk',
}

const CHAIR_AGES = [60, 65, 70, 75, 80, 85, 90, 95] as const
const CHAIR = { male: [14, 12, 12, 11, 10, 8, 7], female: [12, 11, 10, 10, 9, 8, 4] }

const oneLeg: SimpleTest['reference'] = ({ age }) => {
  const mean = age === undefined || age < 60 ? null : age < 70 ? 32 : age < 80 ? 22 : 9
  const text = `${mean === null ? '' : `mean of the best of three at this age ${mean} s; `}under 5 s goes with a raised risk of an injurious fall`
  return { text, low: 5, source: 'Springer et al. 2007; Vellas et al. 1997' }
}

/** Simple tests and what they are read against (docs/method.md says what each one sets). */
export const SIMPLE_TESTS: Record<TestId, SimpleTest> = {
  'stands-unaided': {
    name: 'Stands unaided',
    how: 'seen standing, feet under the shoulders, nothing held',
    unit: 'seen',
    of: 'last',
    reference: () => null,
  },
  'side-by-side': {
    name: 'Feet side by side',
    how: 'seconds, to 10',
    unit: 's',
    of: 'best',
    reference: () => TEN_SECONDS,
  },
  'semi-tandem': { name: 'Semi-tandem', how: 'seconds, to 10', unit: 's', of: 'best', reference: () => TEN_SECONDS },
  tandem: { name: 'Tandem', how: 'seconds, to 10', unit: 's', of: 'best', reference: () => TEN_SECONDS },
  'one-leg-left': {
    name: 'On the left leg',
    how: 'seconds, eyes open, best of three',
    unit: 's',
    of: 'best',
    reference: oneLeg,
  },
  'one-leg-right': {
    name: 'On the right leg',
    how: 'seconds, eyes open, best of three',
    unit: 's',
    of: 'best',
    reference: oneLeg,
  },
  'functional-reach': {
    name: 'Functional reach',
    how: 'centimetres forward, arm level, heels down; best of three',
    unit: 'cm',
    of: 'best',
    reference: () => ({
      text: 'under 15 cm: raised fall risk; 15 to 25 cm: moderate',
      low: 25,
      source: 'Duncan et al. 1990, 1992',
    }),
  },
  'lean-range': {
    name: 'Lean, back to front',
    how: 'centimetres that the pressure travels, on scales under a board',
    unit: 'cm',
    of: 'best',
    reference: () => ({
      text: 'about 60 % of the foot under 60 years, less after',
      source: 'King, Judge & Wolfson 1994',
    }),
  },
  'chair-stand': {
    name: '30-second chair stand',
    how: 'times up without hands in 30 s',
    unit: 'times',
    of: 'last',
    reference: ({ sex, age }) => {
      const band = CHAIR_AGES.findIndex((from, i) => age !== undefined && age >= from && age < (CHAIR_AGES[i + 1] ?? 0))
      const low = sex === 'male' || sex === 'female' ? CHAIR[sex][band] : undefined
      if (low === undefined) return null
      return { text: `below average under ${low}`, low, source: 'public-health screening of older adults' }
    },
  },
  'up-and-go': {
    name: 'Timed up and go',
    how: 'seconds: up, three metres, back, down',
    unit: 's',
    of: 'least',
    reference: () => ({
      text: '12 s or more goes with a raised fall risk',
      high: 12,
      source: 'public-health screening of older adults',
    }),
  },
}

/** The trial that counts. */
export function countingTrial({ test, trials }: TestEntry): number {
  const { of } = SIMPLE_TESTS[test]
  if (of === 'best') return Math.max(...trials)
  if (of === 'least') return Math.min(...trials)
  return trials[trials.length - 1] as number
}

/** The last time a test was done, up to a day. */
export function findLastTest(record: RecordDocument, test: TestId, on: string): TestEntry | null {
  const done = record.tests.filter((entry) => entry.test === test && entry.on <= on)
  return done.reduce<TestEntry | null>((last, entry) => (!last || entry.on >= last.on ? entry : last), null)
}
