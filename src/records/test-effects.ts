import { bySide, HOUSE_RULES, PROPORTIONS } from '@/core'
import type { RecordDocument, TestEntry, TestId } from '@/documents/record-document'
import { countingTrial, findLastTest } from './simple-tests'

/** Something that a test sets in place of an estimate, and the test that it comes from. */
export type Effect = { value: number; from: TestEntry }

export type Effects = {
  usableAlong: Effect | null
  swayReserveM: Effect | null
  swayReserveOneFootM: Effect | null
  /** How long they stood on each leg. */
  oneLegStandS: { left: Effect | null; right: Effect | null }
  riseFromM: Effect | null
}

/** House figures: from the screening threshold of a functional reach to a middle-aged reach, and what they stand for. */
const REACH = { poorCm: 15, goodCm: 35, poor: 0.3, good: 0.6, least: 0.2 }

/** Usable part of the foot's length from a functional reach: a house line between two known reaches, never above 0.60. */
export function usableFromReach(reachCm: number): number {
  const { poorCm, goodCm, poor, good, least } = REACH
  const fraction = poor + ((reachCm - poorCm) / (goodCm - poorCm)) * (good - poor)
  return Math.round(Math.min(good, Math.max(least, fraction)) * 1000) / 1000
}

/** The reserve for sway by the hardest stand that was not held for ten seconds. House figures. */
const RESERVES: readonly [TestId, number][] = [
  ['side-by-side', 0.03],
  ['semi-tandem', 0.025],
  ['tandem', 0.02],
]
const HELD = 10
const ONE_LEG_POOR = 5

/**
 * What the tests up to a day put in place of the estimates. A direct measure of the lean outranks the reach.
 * `onTwoFeet`: the house's reserve for sway on two feet, in metres.
 */
export function findEffects(record: RecordDocument, on: string, onTwoFeet = HOUSE_RULES.swayReserve.value): Effects {
  const last = (test: TestId) => findLastTest(record, test, on)
  const lean = last('lean-range')
  const reach = last('functional-reach')
  const footM = record.body.footLengthM ?? PROPORTIONS.footLength * record.body.statureM
  const failed = RESERVES.map(([test, reserve]) => ({ from: last(test), reserve })).find(
    ({ from }) => from && countingTrial(from) < HELD,
  )
  const reserve = failed?.from ? { value: Math.max(failed.reserve, onTwoFeet), from: failed.from } : null
  const stands = bySide((side) => last(`one-leg-${side}`))
  const poorLeg = [stands.left, stands.right].find((entry) => entry && countingTrial(entry) < ONE_LEG_POOR)
  const chair = record.tests
    .filter((t) => t.test === 'chair-stand' && t.on <= on && t.seatM && countingTrial(t) >= 1)
    .at(-1)
  return {
    usableAlong: lean
      ? {
          value: Math.min(1, Math.max(0.05, Math.round((countingTrial(lean) / 100 / footM) * 1000) / 1000)),
          from: lean,
        }
      : reach && { value: usableFromReach(countingTrial(reach)), from: reach },
    swayReserveM: reserve,
    // One leg not held five seconds: no discount for the foot that could be set down.
    swayReserveOneFootM: poorLeg ? { value: reserve?.value ?? onTwoFeet, from: poorLeg } : null,
    oneLegStandS: bySide((side) => stands[side] && { value: countingTrial(stands[side]), from: stands[side] }),
    riseFromM: chair?.seatM ? { value: chair.seatM, from: chair } : null,
  }
}

/** Which stances somebody begins with. */
export type StanceFamily = {
  family: 'seated' | 'wide-level' | 'short-wide' | 'both-down' | 'all'
  from: TestEntry
}

/** The stances to begin with, by the hardest timed stand that was held; null where none was timed. */
export function proposeFamily(record: RecordDocument, on: string): StanceFamily | null {
  const last = (test: TestId) => findLastTest(record, test, on)
  const below = (test: TestId, least: number) => {
    const entry = last(test)
    return entry && countingTrial(entry) < least ? entry : null
  }
  const ladder: [TestEntry | null, StanceFamily['family']][] = [
    [below('side-by-side', HELD), 'seated'],
    [below('semi-tandem', HELD), 'wide-level'],
    [below('tandem', HELD), 'short-wide'],
    [below('one-leg-left', ONE_LEG_POOR) ?? below('one-leg-right', ONE_LEG_POOR), 'both-down'],
  ]
  for (const [from, family] of ladder) if (from) return { family, from }
  const best = last('one-leg-left') ?? last('one-leg-right') ?? last('tandem')
  return best && { family: 'all', from: best }
}

/** When somebody was last seen to stand by themselves, feet under the shoulders. */
export function findSeenStanding(record: RecordDocument, on: string): TestEntry | null {
  const held = findLastTest(record, 'side-by-side', on)
  return findLastTest(record, 'stands-unaided', on) ?? (held && countingTrial(held) >= HELD ? held : null)
}
