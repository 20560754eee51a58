import type { Words } from './language'

/** Names or ways one after another, "and" before the last. */
export const sayList = (items: readonly string[], words: Words): string =>
  new Intl.ListFormat(words.locale, { type: 'conjunction' }).format(items)

export const capital = (said: string): string => said.charAt(0).toUpperCase() + said.slice(1)
export const uncapital = (said: string): string => said.charAt(0).toLowerCase() + said.slice(1)
