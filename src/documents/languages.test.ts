import { describe, expect, it } from 'vitest'
import { findLanguage, LANGUAGES, pickLanguage } from './languages'

describe('which language is spoken to a browser', () => {
  const both = ['en', 'es'] as const
  it.each([
    ['es-MX,es;q=0.9,en;q=0.8', 'es'],
    ['de, en;q=0.4, es;q=0.7', 'es'],
    ['es;q=0, en', 'en'],
    ['ES', 'es'],
    ['*', 'en'],
    ['', 'en'],
    ['es;q=much', 'en'],
    [null, 'en'],
  ])('that asks for %s: %s', (asked, spoken) => {
    expect(pickLanguage(asked, both)).toBe(spoken)
  })

  it('is one that can be chosen, never one that is not whole', () => {
    expect(pickLanguage('es')).toBe('en')
    expect(findLanguage('es')).toBeNull()
    expect(findLanguage('constructor')).toBeNull()
    for (const one of LANGUAGES) expect(findLanguage(one)).toBe(one)
  })
})
