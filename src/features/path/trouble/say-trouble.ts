import { sayHeading } from '@/words/findings'
import type { Words } from '@/words/language'
import type { Trouble } from './list-troubles'

/** What stands on the floor and in the list for the same: a, b, c. */
export const letterOf = (i: number): string => String.fromCharCode(97 + i)

/** What is wrong, in a few words, with the number of its step where it is about one. */
export const sayTrouble = ({ finding, step }: Trouble, words: Words): string =>
  words.say('path.step.title', {
    step: step ?? 'none',
    heading: finding ? sayHeading(finding, words) : words.say('path.trouble.noWay'),
  })
