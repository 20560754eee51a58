import type { RecordDocument, TestEntry, TestId } from '@/documents/record-document'

/** What a person's figure is read against: an aid, never a diagnosis. */
export type Reference = { low?: number; high?: number; mean?: number }

type About = { sex?: string | undefined; age?: number | undefined }

export type SimpleTest = {
  unit: 's' | 'cm' | 'times' | 'seen'
  /** Which of several trials counts. */
  of: 'best' | 'least' | 'last'
  /** Null where none is published for this person. */
  reference: (about: About) => Reference | null
}

const CHAIR_AGES = [60, 65, 70, 75, 80, 85, 90, 95] as const
const CHAIR = { male: [14, 12, 12, 11, 10, 8, 7], female: [12, 11, 10, 10, 9, 8, 4] }

function readChairStand({ sex, age }: About): Reference | null {
  const band = CHAIR_AGES.findIndex((from, i) => age !== undefined && age >= from && age < (CHAIR_AGES[i + 1] ?? 0))
  const low = sex === 'male' || sex === 'female' ? CHAIR[sex][band] : undefined
  return low === undefined ? null : { low }
}

/** The mean of the best of three, by age; under five seconds goes with a raised risk at any. */
function readOneLeg({ age }: About): Reference {
  if (age === undefined || age < 60) return { low: 5 }
  return { low: 5, mean: age < 70 ? 32 : age < 80 ? 22 : 9 }
}

const timed = (reference: SimpleTest['reference']): SimpleTest => ({ unit: 's', of: 'best', reference })
const tenSeconds = timed(() => ({ low: 10 }))

/** Simple tests and what they are read against (docs/method.md says where each comes from and what each sets). */
export const SIMPLE_TESTS: Record<TestId, SimpleTest> = {
  'stands-unaided': { unit: 'seen', of: 'last', reference: () => null },
  'side-by-side': tenSeconds,
  'semi-tandem': tenSeconds,
  tandem: tenSeconds,
  'one-leg-left': timed(readOneLeg),
  'one-leg-right': timed(readOneLeg),
  'functional-reach': { unit: 'cm', of: 'best', reference: () => ({ low: 25 }) },
  'lean-range': { unit: 'cm', of: 'best', reference: () => ({}) },
  'chair-stand': { unit: 'times', of: 'last', reference: readChairStand },
  'up-and-go': { unit: 's', of: 'least', reference: () => ({ high: 12 }) },
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
