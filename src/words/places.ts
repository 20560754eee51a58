import type { Words } from './language'

export const sayPlace = (place: string, words: Words): string => words.say(`places.names.${place}`)

/** What a page is called where many are open. */
export const titleOf = (place: string, words: Words): { title: string } => ({
  title: words.say('places.title', { place: sayPlace(place, words) }),
})
