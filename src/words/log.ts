import type { LogBody } from '@/documents/log-document'
import type { Words } from './language'

const say = (key: string, words: Words, values?: Record<string, string | number>) => words.say(`log.${key}`, values)

type Corrected = NonNullable<LogBody['corrected']>[number]

const FIELDS: Record<string, string> = { holdS: 'holdLeft' }

/** Whose values are codes, and where those are said. */
const CODES: Record<string, string> = { as: 'as', painAt: 'places', painSide: 'side' }

function sayValue(value: unknown, words: Words, codes?: string): string {
  if (codes && typeof value === 'string') return say(`${codes}.${value}`, words)
  if (value === null || value === undefined) return say('was.nothing', words)
  if (typeof value === 'boolean') return say(value ? 'was.yes' : 'was.no', words)
  if (typeof value === 'number') return words.number(value, 1)
  if (typeof value === 'object')
    return Object.values(value as object)
      .map((one) => sayValue(one, words))
      .join(' / ')
  return String(value)
}

/** What was corrected after the day, and what it said before. */
export function sayCorrected({ at, was }: Corrected, words: Words): string {
  return Object.entries(was)
    .map(([key, before]) => {
      const name = `fields.${FIELDS[key] ?? key}`
      return say('corrected', words, {
        day: words.day(at.slice(0, 10)),
        what: words.has(`log.${name}`) ? say(name, words).toLocaleLowerCase(words.language) : key,
        was: sayValue(before, words, CODES[key]),
      })
    })
    .join(' ')
}

/** A day in the little room under a chart. */
export const sayShortDay = (day: string, words: Words): string => words.day(day).replace(/(\d+) (\p{L}{3}).*/u, '$1 $2')
