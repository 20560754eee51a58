import type { BySide } from '../conventions'
import { daysBetween } from './hour'
import type { Practice } from './rules'

/** A class as it was for somebody; null where nobody wrote it down. In order of days. */
export type ClassDay = {
  day: string
  came: boolean
  /** The day was lowered: tired, sore, a bad night. */
  bad: boolean
  /** Whether the present level was done whole. */
  whole: boolean | null
  effort: number | null
  pain: number | null
  wobbles: number | null
  touches: number | null
  rounds: number | null
  nearFall: boolean
  dizzy: boolean
  /** Stopped for something of the stop list. */
  stopped: boolean
  /** Longest hold on each leg, seconds. */
  holdS: BySide<number | null>
}

export type NextWay = 'harder' | 'same' | 'easier'

/** Why a decision is what it is: a code, the day of it, its figure and what that is held against. */
export type Reason = {
  code:
    | 'calm' // so many classes at low effort, without wobble or pain
    | 'effort'
    | 'pain'
    | 'painMore' // more than their usual
    | 'touched'
    | 'nearFall'
    | 'stopped'
    | 'dizzy'
    | 'tooFew'
    | 'unknown'
    | 'between'
    | 'away'
    | 'badDay'
  day: string | null
  value: number | null
  limit: number | null
}

/** `grave`: what has to be answered before anything is proposed; empty where nothing happened that nobody answered. */
export type Decision = { way: NextWay; reasons: Reason[]; grave: Reason[] }

const why = (
  code: Reason['code'],
  day: string | null = null,
  value: number | null = null,
  limit: number | null = null,
) => ({
  code,
  day,
  value,
  limit,
})

/**
 * Harder, the same or easier next time, by rules that can be read. Only classes that they came to, not on a bad day and
 * not before a long absence, count. What was not written down never speaks for harder.
 * @param answered the day on which somebody last decided for them; null where nobody ever did
 * @example decide([day], '2026-03-13', USUAL_PRACTICE, null).way // => 'same'
 */
export function decide(days: readonly ClassDay[], on: string, rules: Practice, answered: string | null): Decision {
  const came = days.filter((one) => one.came && one.day <= on)
  const grave = listGrave(came, on, rules, answered)
  const decided = decideWay(came, on, rules)
  // Nothing harder until it is answered.
  if (grave.length > 0 && decided.way === 'harder') return { way: 'same', reasons: grave, grave }
  return { ...decided, grave }
}

/** Pain of so much more than what is usual for them is new. */
const MORE_PAIN = 2

/** The gravest first; pain that is much and pain that is new are one. */
const GRAVE: readonly Reason['code'][][] = [['nearFall'], ['stopped'], ['dizzy'], ['pain', 'painMore']]

/** For so many days what happened waits for its answer; classes that went well meanwhile are none. */
export const GRAVE_DAYS = 56

/** What is answered first: a near fall, a stop, dizziness, pain that is much or new; the latest of each. */
function listGrave(came: readonly ClassDay[], on: string, rules: Practice, answered: string | null): Reason[] {
  const recent = came.filter(({ day }) => daysBetween(day, on) <= GRAVE_DAYS)
  const found = recent.flatMap((one, i) => {
    if (answered !== null && one.day <= answered) return []
    const hard = listHard(one, rules)
    const more = hard.some(({ code }) => code === 'pain') ? null : findMorePain(one, recent.slice(0, i))
    return more ? [...hard, more] : hard
  })
  return GRAVE.flatMap((codes) => found.findLast(({ code }) => codes.includes(code)) ?? [])
}

/** Pain that is much more than what was usual for them in the classes before. */
function findMorePain({ day, pain }: ClassDay, before: readonly ClassDay[]): Reason | null {
  const told = before.flatMap((one) => one.pain ?? [])
  const usual = told.toSorted((a, b) => a - b)[told.length >> 1]
  return pain !== null && usual !== undefined && pain - usual >= MORE_PAIN ? why('painMore', day, pain, usual) : null
}

type Way = Omit<Decision, 'grave'>

/** @param came the classes that they came to, up to the day */
function decideWay(came: readonly ClassDay[], on: string, rules: Practice): Way {
  const counted = sinceAway(came, rules).filter((one) => !one.bad)
  const last = counted.at(-1)
  const latest = came.at(-1)
  if (latest?.bad && !isHard(latest, rules)) {
    const before = last ? decideFrom(counted, rules) : null
    // A bad day speaks neither for harder nor for easier.
    return {
      way: before?.way === 'easier' ? 'easier' : 'same',
      reasons: [why('badDay', latest.day), ...(before?.way === 'easier' ? before.reasons : [])],
    }
  }
  if (latest?.bad) return { way: 'easier', reasons: listHard(latest, rules) }
  if (!last) return { way: 'same', reasons: [why('tooFew', null, 0, rules.harderClasses)] }
  const ago = daysBetween(last.day, on)
  const decided = decideFrom(counted, rules)
  if (ago > rules.awayDays && decided.way === 'harder')
    return { way: 'same', reasons: [why('away', last.day, ago, rules.awayDays)] }
  return decided
}

/** The classes since somebody was last away for long. */
function sinceAway(came: readonly ClassDay[], { awayDays }: Practice): readonly ClassDay[] {
  const gap = came.findLastIndex((one, i) => i > 0 && daysBetween((came[i - 1] as ClassDay).day, one.day) > awayDays)
  return gap < 0 ? came : came.slice(gap)
}

const isHard = (one: ClassDay, rules: Practice): boolean => listHard(one, rules).length > 0

function listHard(one: ClassDay, rules: Practice): Reason[] {
  const { day, effort, pain, touches, rounds } = one
  const found: Reason[] = []
  if (one.nearFall) found.push(why('nearFall', day))
  if (one.stopped) found.push(why('stopped', day))
  if (one.dizzy) found.push(why('dizzy', day))
  if (pain !== null && pain >= rules.easierPain) found.push(why('pain', day, pain, rules.easierPain))
  if (effort !== null && effort >= rules.easierEffort) found.push(why('effort', day, effort, rules.easierEffort))
  if (touches !== null && rounds !== null && rounds > 0 && touches >= rounds)
    found.push(why('touched', day, touches, rounds))
  return found
}

function decideFrom(counted: readonly ClassDay[], rules: Practice): Way {
  const hard = listHard(counted.at(-1) as ClassDay, rules)
  if (hard.length > 0) return { way: 'easier', reasons: hard }
  const recent = counted.slice(-rules.harderClasses)
  if (recent.length < rules.harderClasses)
    return { way: 'same', reasons: [why('tooFew', null, recent.length, rules.harderClasses)] }
  const unsaid = recent.find((one) => [one.effort, one.pain, one.wobbles, one.whole].includes(null))
  if (unsaid) return { way: 'same', reasons: [why('unknown', unsaid.day)] }
  const busy = recent.find((one) => !isCalm(one, rules))
  if (busy) return { way: 'same', reasons: [why('between', busy.day, busy.effort, rules.harderEffort)] }
  return { way: 'harder', reasons: [why('calm', recent.at(-1)?.day ?? null, recent.length, rules.harderClasses)] }
}

const isCalm = (one: ClassDay, { harderEffort, harderPain }: Practice): boolean =>
  (one.effort as number) <= harderEffort &&
  (one.pain as number) <= harderPain &&
  one.wobbles === 0 &&
  one.whole === true &&
  !one.nearFall &&
  !one.stopped &&
  !one.dizzy

/** What a clinician should hear of, never a diagnosis. */
export type Concern = {
  code: 'pain.new' | 'pain.growing' | 'nearFall' | 'dizzy' | 'stopped' | 'sides'
  day: string
  value: number | null
  before: number | null
}

/**
 * Of the days since the last question was answered: what the house would tell a clinician, the gravest first.
 * @example listConcerns([], USUAL_PRACTICE) // => []
 */
export function listConcerns(days: readonly ClassDay[], rules: Practice): Concern[] {
  const came = days.filter((one) => one.came)
  const latest = (is: (one: ClassDay) => boolean, code: Concern['code']): Concern[] => {
    const found = came.slice(-CONCERN_CLASSES).findLast(is)
    return found ? [{ code, day: found.day, value: null, before: null }] : []
  }
  return [
    ...latest(({ nearFall }) => nearFall, 'nearFall'),
    ...latest(({ stopped }) => stopped, 'stopped'),
    ...latest(({ dizzy }) => dizzy, 'dizzy'),
    ...findPain(came, rules),
    ...findSides(came, rules),
  ]
}
/** How many classes back a single happening is still told. */
const CONCERN_CLASSES = 3

/** Pain where there was none before, or more from class to class. */
function findPain(came: readonly ClassDay[], { painClasses, harderPain }: Practice): Concern[] {
  const told = came.filter(({ pain }) => pain !== null) as (ClassDay & { pain: number })[]
  const recent = told.slice(-painClasses)
  const last = recent.at(-1)
  if (!last || recent.length < painClasses || recent.some(({ pain }) => pain <= harderPain)) return []
  const before = told.slice(0, -painClasses).slice(-3)
  const most = before.length > 0 ? Math.max(...before.map(({ pain }) => pain)) : null
  if (most !== null && most <= harderPain)
    return [{ code: 'pain.new', day: (recent[0] as ClassDay).day, value: last.pain, before: most }]
  const grows = [...(before.length > 0 ? [before.at(-1) as (typeof told)[number]] : []), ...recent].every(
    (one, i, all) => i === 0 || one.pain > (all[i - 1] as (typeof told)[number]).pain,
  )
  return grows && told.length > recent.length
    ? [{ code: 'pain.growing', day: last.day, value: last.pain, before: (before.at(-1) as (typeof told)[number]).pain }]
    : []
}

/**
 * How much shorter the weaker leg holds, as a share of the other's.
 * @example differenceOf({ holdS: { left: 6, right: 8 } }) // => 0.25
 */
export const differenceOf = ({ holdS: { left, right } }: ClassDay): number | null =>
  left === null || right === null || Math.max(left, right) === 0 ? null : Math.abs(left - right) / Math.max(left, right)

const SIDES_CLASSES = 3

/** A difference of left and right that is large, and larger in each of the last classes. */
function findSides(came: readonly ClassDay[], { sideDifference }: Practice): Concern[] {
  const told = came.flatMap((one) => {
    const difference = differenceOf(one)
    return difference === null ? [] : [{ day: one.day, difference }]
  })
  const recent = told.slice(-SIDES_CLASSES)
  const [first, last] = [recent[0], recent.at(-1)]
  if (!first || !last || recent.length < SIDES_CLASSES || last.difference < sideDifference) return []
  const grows = recent.every((one, i) => i === 0 || one.difference > (recent[i - 1] as typeof one).difference)
  return grows ? [{ code: 'sides', day: last.day, value: last.difference, before: first.difference }] : []
}
