import type { ClassDay, Concern } from '@/core'
import type { LogRow } from '@/documents/log-document'
import type { Binding } from '@/records/binding'
import type { FallsTold } from '@/records/falls'
import type { Words } from './language'
import { sayLimit } from './limits'
import { sayConcern } from './practice'
import { sayFalls } from './records'

type Told = {
  /** What was told of falls. */
  falls: FallsTold | null
  name: string
  limits: readonly Pick<Binding, 'entry'>[]
  /** What was written down of them, up to the day. */
  rows: readonly LogRow[]
  days: readonly ClassDay[]
  concerns: readonly Concern[]
}

/** What a clinician is told: orders with their dates, what was done, what was seen, and the question. */
export type ForClinician = { orders: string[]; done: string; seen: string[]; question: string }

/** The newest words that were written down. */
const WORDS_MOST = 3

/** What a clinician is told of somebody, in lines; `on`: the day, YYYY-MM-DD. No order is made up, and no mean of nothing. */
export function sayForClinician(
  { name, falls, limits, rows, days, concerns }: Told,
  on: string,
  words: Words,
): ForClinician {
  const year = on.slice(0, 4)
  const came = days.filter((one) => one.came)
  const meanOf = (values: readonly (number | null)[]): string => {
    const told = values.filter((value): value is number => value !== null)
    return told.length > 0
      ? words.number(told.reduce((sum, one) => sum + one, 0) / told.length, 1)
      : words.say('practice.unsaid')
  }
  return {
    orders: limits
      .filter(({ entry }) => entry.source.kind === 'clinician')
      .map(
        ({ entry }) =>
          `${sayLimit(entry, words)} (${[entry.source.name, words.day(entry.on, year)].filter(Boolean).join(', ')})`,
      ),
    done: words.say('practice.clinician.doneLine', {
      came: came.length,
      all: days.length,
      day: days[0] ? words.day(days[0].day, year) : words.say('practice.unsaid'),
      effort: meanOf(came.map(({ effort }) => effort)),
      pain: meanOf(came.map(({ pain }) => pain)),
    }),
    seen: [
      ...(falls ? [`${sayFalls(falls, words)}.`] : []),
      ...concerns.map((one) => sayConcern(one, words)),
      ...rows
        .filter(({ word }) => word)
        .slice(-WORDS_MOST)
        .map(({ day, word }) => `${words.day(day, year)}: ${word}`),
    ],
    question: words.say('practice.clinician.default', { name }),
  }
}
