import type { InputError } from '@/core'
import type { LimitEntry, RecordDocument, TestEntry, TestId } from '@/documents/record-document'
import { type BodyUnits, sayBodyLength, sayHeight, sayMass } from '@/records/body-units'
import type { Due } from '@/records/due'
import type { FallsTold } from '@/records/falls'
import type { PartName, RecordItem } from '@/records/merge'
import { type Reference, SIMPLE_TESTS } from '@/records/simple-tests'
import type { Column } from '@/records/spreadsheet'
import type { StanceFamily } from '@/records/test-effects'
import type { Mark } from '@/records/today'
import type { Unanswered } from '@/records/unanswered'
import { sayFieldError } from './fields'
import { sayCentimetres } from './figures'
import type { Words } from './language'
import { sayCount } from './levels'
import { sayLimit, saySource, sayToday } from './limits'
import { capital, sayList } from './lists'
import { sayMeasured } from './measure'

/** A message where there is one for a code, else the code itself: what a house or an older file says in its own words. */
const sayKnown = (key: string, own: string, words: Words): string => (words.has(key) ? words.say(key) : own)

export const sayCondition = (id: string, words: Words): string => sayKnown(`conditions.${id}.name`, id, words)

export const sayCaution = (condition: string, caution: string, words: Words): string =>
  words.say(`conditions.${condition}.cautions.${caution}`)

export const saySign = (sign: string, words: Words): string => sayKnown(`watch.signs.${sign}`, sign, words)

export const sayComplaint = (id: string, words: Words): string => sayKnown(`watch.complaints.${id}.name`, id, words)

/** What a complaint's usual causes are; empty for one in somebody's own words. */
export const sayLookAt = (id: string, words: Words): string => sayKnown(`watch.complaints.${id}.lookAt`, '', words)

export const sayTest = (test: TestId, words: Words): string => words.say(`tests.tests.${test}.name`)

/** A test within a sentence: "from the functional reach". */
export const sayTestWithin = (test: TestId, words: Words): string => words.say(`tests.tests.${test}.from`)

export const sayTestHow = (test: TestId, words: Words): string => words.say(`tests.tests.${test}.how`)

/** What a figure is read against, and where that was published. */
export function sayReference(test: TestId, { low, high, mean }: Reference, words: Words): string {
  const values = { low: low ?? 'none', high: high ?? 'none', mean: mean ?? 'none' }
  return `${words.say(`tests.tests.${test}.reference`, values)} (${words.say(`tests.tests.${test}.source`)})`
}

export const sayFamily = ({ family }: StanceFamily, words: Words): { name: string; words: string } => ({
  name: words.say(`tests.families.${family}.name`),
  words: words.say(`tests.families.${family}.words`),
})

/** What is due. */
/** What was told of falls in the year before it was asked. */
export function sayFalls({ on, times, injured, doing }: FallsTold, words: Words): string {
  return words.say('records.falls.told', {
    times,
    day: words.day(on),
    injured: injured ? 'yes' : 'no',
    doing: doing ? 'yes' : 'no',
    what: doing ?? '',
  })
}

/** Which usual cautions nobody answered, and which note; '' where all were. */
export function sayUnanswered(open: readonly Unanswered[], words: Words): string {
  const cautions = open.filter((one) => 'condition' in one)
  const names = cautions.map(({ condition, side }) =>
    words.say('records.items.condition', { condition: sayCondition(condition, words), side: side ?? 'none' }),
  )
  const parts = [
    ...open.flatMap((one) => ('note' in one ? [words.say('records.noteOpen', { note: one.note })] : [])),
    ...(cautions.length === 0
      ? []
      : [
          words.say('records.unanswered', {
            n: cautions.length,
            count: capital(sayCount(cautions.length, words)),
            what: sayList([...new Set(names)], words),
          }),
        ]),
  ]
  return parts.join(' ')
}

export function sayDue(due: Due, words: Words): string {
  return words.say(`records.due.${due.kind}`, {
    limit: due.kind === 'review' ? sayLimit(due.limit, words) : '',
    test: due.kind === 'test' ? sayTest(due.test, words) : '',
  })
}

export const sayPart = (name: PartName, words: Words): string => words.say(`records.parts.${name}`)

const sayMeasure = (path: readonly string[], words: Words): string =>
  path.map((key) => sayKnown(`records.measures.${key}`, key, words)).join(' ')

/** A figure of the body in the units of a house, to what tells two versions apart. */
function sayBodyFigure(path: readonly string[], value: unknown, units: BodyUnits, words: Words): string {
  if (typeof value !== 'number') return String(value)
  if (path.includes('massKg')) return units === 'metric' ? `${words.number(value, 1)} kg` : sayMass(value, units)
  if (path.includes('statureM') && units === 'imperial') return sayHeight(value, units)
  return path.some((key) => key.endsWith('M')) ? sayBodyLength(value, units) : words.number(value, 2)
}

const sayTested = ({ test, trials, on }: TestEntry, words: Words): string =>
  words.say('records.items.test', {
    test: sayTest(test, words),
    trials: trials.map((trial) => words.number(trial, 2)).join('; '),
    day: words.day(on),
  })

const sayLimited = (limit: LimitEntry, words: Words): string =>
  words.say('records.items.limit', {
    limit: sayLimit(limit, words),
    who: saySource(limit.source, words),
    day: words.day(limit.on),
  })

function sayAnswer({ caution, answer, reason }: RecordDocument['answers'][number], words: Words): string {
  const ids = caution.split('/')
  const [condition = '', id = ''] = [ids[0], ids.at(-1)]
  const said = words.say('records.items.answer', {
    caution: sayKnown(`conditions.${condition}.cautions.${id}`, caution, words),
    answer,
  })
  return reason ? words.say('records.items.reason', { said, reason }) : said
}

const sayGone = (what: string, gone: boolean, words: Words): string =>
  gone ? words.say('records.items.gone', { what }) : what

/** One thing that a record says, where two versions are laid side by side; groups by the names that they have now. */
export function sayItem(
  item: RecordItem,
  groups: readonly { id: string; name: string }[] = [],
  units: BodyUnits = 'metric',
  words: Words,
): string {
  const say = (key: string, values = {}) => words.say(`records.items.${key}`, values)
  switch (item.kind) {
    case 'text':
      return item.text
    case 'archived':
      return say('archived')
    case 'group':
      return groups.find(({ id }) => id === item.id)?.name ?? item.id
    case 'figure':
      return say('figure', {
        measure: sayMeasure(item.path, words),
        figure: sayBodyFigure(item.path, item.value, units, words),
      })
    case 'measured':
      return say('measured', { measure: sayMeasure(item.key.split('.'), words), day: words.day(item.on) })
    case 'legs':
      return say('legs', { side: item.legs.shorter, by: sayCentimetres(item.legs.byM, words), how: item.legs.how })
    case 'limit':
      return sayLimited(item.limit, words)
    case 'condition':
      return say('condition', { side: item.side ?? 'none', condition: sayCondition(item.condition, words) })
    case 'answer':
      return sayAnswer(item.answer, words)
    case 'test':
      return sayTested(item.test, words)
    case 'device':
      return sayMeasured(item.measured, words)
    case 'today':
      return say('today', { reason: sayToday(item.reason, words), day: words.day(item.on) })
    case 'away':
      return say('away', { day: words.day(item.on) })
    case 'sign':
      return sayGone(saySign(item.sign, words), item.gone, words)
    case 'falls':
      return sayFalls(item.told, words)
    case 'complaint': {
      const what = sayComplaint(item.complaint, words)
      return sayGone(item.when ? say('when', { what, when: item.when }) : what, item.gone, words)
    }
  }
}

/** What a test put in place of an estimate, on the bench. */
export const sayEffect = (effect: 'usable' | 'reserve' | 'reserveOneFoot', from: TestEntry, words: Words) =>
  words.say(`tests.effects.${effect}`, { test: sayTestWithin(from.test, words), day: words.day(from.on) })

/** The unit of a test's figure. */
export const sayTrial = (test: TestId, value: number, words: Words): string => {
  const { unit } = SIMPLE_TESTS[test]
  return unit === 'seen' ? words.say('tests.seen') : words.say(`tests.units.${unit}`, { n: words.number(value, 2) })
}

/** What a column of a table of people is called. */
export const sayColumn = (column: Column, words: Words): string => words.say(`records.columns.${column}`)

/** How somebody is today, on a button of the roll call. */
export const sayMark = (mark: Mark, words: Words): string => words.say('records.mark', { mark })

/** What was answered to a caution, when and why. */
export const sayAnswered = (
  caution: string,
  { answer, on, reason }: RecordDocument['answers'][number],
  words: Words,
): string =>
  words.say('records.answered', {
    answer,
    day: words.day(on),
    why: reason ? 'given' : 'none',
    reason: reason ?? '',
    caution,
  })

/** Why a row of a table stays out, in the units that the table is read in. */
export function sayRow(error: InputError, units: 'metric' | 'imperial', words: Words): string {
  const key = `records.rows.${error.accepts.code === 'build' ? 'build' : error.field}`
  const isEmptyName = error.field === 'name' && error.value === ''
  if (!words.has(key) || (error.field === 'name' && !isEmptyName)) return sayFieldError(error, words)
  return words.say(key, { units })
}
