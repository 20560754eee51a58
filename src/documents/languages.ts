export type Language = 'en' | 'es'

/** What can be chosen: whole languages alone. Documents keep their English keys and codes in every language. */
export const LANGUAGES: readonly Language[] = ['en']

/** Each in its own name: whoever looks for it reads no other. */
export const LANGUAGE_NAMES: Record<Language, string> = { en: 'English', es: 'Español' }

/** What was chosen on this machine. */
export const LANGUAGE_COOKIE = 'nivrel-language'
/** What an address asks for with ?lang=, told to whoever answers it. */
export const LANGUAGE_HEADER = 'x-language'

export const findLanguage = (code: string | null | undefined, spoken = LANGUAGES): Language | null =>
  spoken.find((one) => one === code) ?? null

/** The first of the languages that a browser names, by its own order, that is spoken here; else English. */
export function pickLanguage(accepted: string | null | undefined, spoken = LANGUAGES): Language {
  const asked = (accepted ?? '').split(',').map((one) => {
    const [tag = '', ...rest] = one.trim().split(';')
    const weight = rest.map((part) => part.trim()).find((part) => part.startsWith('q='))
    return { code: tag.toLowerCase().split('-')[0], weight: weight ? Number(weight.slice(2)) || 0 : 1 }
  })
  const known = asked.filter(({ code, weight }) => weight > 0 && findLanguage(code, spoken))
  return findLanguage(known.toSorted((a, b) => b.weight - a.weight)[0]?.code, spoken) ?? 'en'
}
