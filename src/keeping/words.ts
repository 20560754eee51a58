import { cookies, headers } from 'next/headers'
import { cache } from 'react'
import { findLanguage, LANGUAGE_COOKIE, LANGUAGE_HEADER, type Language, pickLanguage } from '@/documents/languages'
import { type Words, withBends } from '@/words/language'
import { wordsIn } from '@/words/languages'
import { readHouse } from './house'

/** What is spoken to whoever asks: as the address says, as this machine chose, as its browser would have it. */
export async function readLanguage(): Promise<Language> {
  try {
    const [asked, kept] = await Promise.all([headers(), cookies()])
    return (
      findLanguage(asked.get(LANGUAGE_HEADER)) ??
      findLanguage(kept.get(LANGUAGE_COOKIE)?.value) ??
      pickLanguage(asked.get('accept-language'))
    )
  } catch {
    // Nobody asked: a test, or a script.
    return 'en'
  }
}

/**
 * What is said of a site's people: the language, with the house's own words. A page says itself what it cannot read, and
 * asks once however many of its parts do.
 */
export const readWords = cache(async (): Promise<Words> => {
  const [language, { bends }] = await Promise.all([readLanguage(), readHouse().catch(() => ({ bends: {} }))])
  return withBends(wordsIn(language), bends)
})
