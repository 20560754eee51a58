import { ENGLISH, type Words } from './language'

/** What a page is called where many are open. */
export const titleOf = (place: string, words: Words = ENGLISH): { title: string } => ({
  title: words.say('places.title', { place: words.say(`places.names.${place}`) }),
})
