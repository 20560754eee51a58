import { createTranslator } from 'use-intl/core'
import type { BendsDocument } from '@/documents/bends'
import { en } from './en'
import { es } from './es'

export const LANGUAGES = ['en', 'es'] as const
export type Language = (typeof LANGUAGES)[number]

type Tree = { readonly [key: string]: string | Tree }

/** What a message may name: codes that it chooses by, numbers that it counts by, and figures already written out. */
export type Values = Record<string, string | number>

/** A language to say things in: messages by their key, numbers and days as people there write them. */
export type Words = {
  language: Language
  /** @throws Error for a key or a variable that the message does not know: ours to avoid, and tested for */
  say: (key: string, values?: Values) => string
  has: (key: string) => boolean
  number: (value: number, digits?: number) => string
  /** A day (YYYY-MM-DD) as people say it; with the year where it is another than the given one. */
  day: (day: string, year?: string) => string
  /** How deep a knee bends, in a house's own words. */
  bends: BendsDocument
}

const MESSAGES: Record<Language, Tree> = { en, es }
const REGIONS: Record<Language, string> = { en: 'en-GB', es: 'es-ES' }

/** A language's own messages over English, so that a file can begin with a few. */
const merge = (over: Tree, under: Tree): Tree => {
  const merged: Record<string, string | Tree> = { ...under }
  for (const [key, own] of Object.entries(over)) {
    const other = under[key]
    merged[key] = typeof own === 'object' && typeof other === 'object' ? merge(own, other) : own
  }
  return merged
}

function makeWords(language: Language): Words {
  const locale = REGIONS[language]
  const translate = createTranslator({
    locale,
    messages: merge(MESSAGES[language], en),
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
    bends: {},
    say: (key, values) => translate(key as never, values as never),
    has: (key) => translate.has(key as never),
    // A rounded -0 is 0; a minus is as wide as a plus.
    number: (value, digits = 0) =>
      numberFormat(digits)
        .format(Number(value.toFixed(digits)) + 0)
        .replace('-', '−'),
    day: (day, year) => {
      const withYear = year !== undefined && !day.startsWith(year)
      return new Date(`${day}T00:00:00Z`).toLocaleDateString(
        locale,
        withYear ? { ...dayFormat, year: 'numeric' } : dayFormat,
      )
    },
  }
}

const made = new Map<Language, Words>()

export function wordsIn(language: Language): Words {
  const known = made.get(language)
  if (known) return known
  const words = makeWords(language)
  made.set(language, words)
  return words
}

/** The same, with a house's own words for how deep a knee bends. */
export const withBends = (words: Words, bends: BendsDocument): Words =>
  Object.keys(bends).length > 0 ? { ...words, bends } : words

/** What everything is said in until a language can be chosen; documents stay in it. */
export const ENGLISH = wordsIn('en')
