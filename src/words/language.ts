import { createTranslator } from 'use-intl/core'
import type { BendsDocument } from '@/documents/bends'
import type { Language } from '@/documents/languages'

export type Messages = { readonly [key: string]: string | Messages }

/** What a message may name: codes that it chooses by, numbers that it counts by, and figures already written out. */
export type Values = Record<string, string | number>

/** A language to say things in: messages by their key, numbers and days as people there write them. */
export type Words = {
  language: Language
  /** How numbers, days and lists are written. */
  locale: string
  /** @throws Error for a key or a variable that the message does not know: ours to avoid, and tested for */
  say: (key: string, values?: Values) => string
  has: (key: string) => boolean
  number: (value: number, digits?: number) => string
  /** A day (YYYY-MM-DD) as people say it; with the year where it is another than the given one, or none is (null). */
  day: (day: string, year?: string | null) => string
  /** How deep a knee bends, in a house's own words. */
  bends: BendsDocument
}

/** A language's own messages over English, while it is not whole. */
export const mergeOver = (over: Messages, under: Messages): Messages => {
  const merged: Record<string, string | Messages> = { ...under }
  for (const [key, own] of Object.entries(over)) {
    const other = under[key]
    merged[key] = typeof own === 'object' && typeof other === 'object' ? mergeOver(own, other) : own
  }
  return merged
}

/** Where each is spoken as it is here: how numbers, days and lists are written. */
const LOCALES: Record<Language, string> = { en: 'en-GB', es: 'es-ES' }

/** A language, from its messages. */
export function makeWords(language: Language, messages: Messages): Words {
  const locale = LOCALES[language]
  const translate = createTranslator({
    locale,
    messages,
    onError: (error) => {
      throw error
    },
  })
  const numbers = new Map<number, Intl.NumberFormat>()
  const numberFormat = (digits: number) => {
    const known = numbers.get(digits)
    if (known) return known
    const made = new Intl.NumberFormat(locale, { maximumFractionDigits: digits, useGrouping: false })
    numbers.set(digits, made)
    return made
  }
  const dayFormat = { day: 'numeric', month: 'long', timeZone: 'UTC' } as const
  return {
    language,
    locale,
    bends: {},
    say: (key, values) => translate(key as never, values as never),
    has: (key) => translate.has(key as never),
    // A rounded -0 is 0; a minus is as wide as a plus.
    number: (value, digits = 0) =>
      numberFormat(digits)
        .format(Number(value.toFixed(digits)) + 0)
        .replace('-', '−'),
    day: (day, year) => {
      const withYear = year === null || (year !== undefined && !day.startsWith(year))
      return new Date(`${day}T00:00:00Z`).toLocaleDateString(
        locale,
        withYear ? { ...dayFormat, year: 'numeric' } : dayFormat,
      )
    },
  }
}

/** Says messages of one group by the last part of their keys. */
export type Say = (key: string, values?: Values) => string
export const sayUnder =
  (words: Words, group: string): Say =>
  (key, values) =>
    words.say(`${group}.${key}`, values)

/** The same, with a house's own words for how deep a knee bends. */
export const withBends = (words: Words, bends: BendsDocument): Words =>
  Object.keys(bends).length > 0 ? { ...words, bends } : words
