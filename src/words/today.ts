import type { Unanswered } from '@/records/unanswered'
import type { Next, ToKnow } from '@/teaching/today'
import type { Words } from './language'
import { sayDay } from './lessons'
import { sayList } from './lists'
import { sayReason } from './practice'
import { sayDue, sayUnanswered } from './records'

const say = (key: string, words: Words, values?: Record<string, string | number>) => words.say(`today.${key}`, values)

/** When a group comes: today, tomorrow, or on which day. */
export function sayWhen(day: string, today: string, words: Words): string {
  const days = Math.round((Date.parse(day) - Date.parse(today)) / 86_400_000)
  if (days === 0 || days === 1) return say(`when.${days === 0 ? 'today' : 'tomorrow'}`, words)
  return say('when.on', words, { day: sayDay(day, words) })
}

/** The step that is next, as its button says it. */
export const sayNext = (next: Next, day: string, away: number, words: Words): string =>
  say(`next.${next}`, words, { day: words.day(day), away })

/** What has to be known of somebody before the class, the gravest first; none where there is nothing. */
export function sayToKnow(
  { grave, due, isNew }: ToKnow,
  person: { unanswered: readonly Unanswered[]; beginsWithHand: boolean },
  words: Words,
): string[] {
  const unanswered = sayUnanswered(person.unanswered, words)
  return [
    ...(grave.length > 0
      ? [say('grave', words, { what: grave.map((reason) => sayReason(reason, words)).join(' ') })]
      : []),
    ...(isNew ? [say('new', words)] : []),
    ...(person.beginsWithHand ? [words.say('records.falls.begin')] : []),
    ...(unanswered ? [unanswered] : []),
    ...(due.length > 0
      ? [
          say('due', words, {
            what: sayList(
              due.map((one) => sayDue(one, words)),
              words,
            ),
          }),
        ]
      : []),
  ]
}
