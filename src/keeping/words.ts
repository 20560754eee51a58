import { ENGLISH, type Words, withBends } from '@/words/language'
import { readHouse } from './house'

/** What is said of a site's people: the language, with the house's own words. */
export const readWords = async (): Promise<Words> => withBends(ENGLISH, (await readHouse()).bends)
