import { ENGLISH, type Words } from './language'

const REGION = { en: 'en-GB', es: 'es-ES' } as const

/** Names or ways one after another, "and" before the last. */
export const sayList = (items: readonly string[], words: Words = ENGLISH): string =>
  new Intl.ListFormat(REGION[words.language], { type: 'conjunction' }).format(items)

export const capital = (said: string): string => said.charAt(0).toUpperCase() + said.slice(1)
export const uncapital = (said: string): string => said.charAt(0).toLowerCase() + said.slice(1)
