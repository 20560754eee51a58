import { dayOf } from '@/documents/day'
import type { Answer, Decided } from '@/teaching/answer'
import type { Given } from '@/teaching/given'
import type { Words } from './language'
import { sayList } from './lists'

const values = ({ of, on }: Decided, words: Words) => ({ of, day: words.day(dayOf(new Date(on))) })

/** From where a form comes that was decided: for which group or under which name, and since when. */
export const sayOrigin = (decided: Decided, words: Words): string =>
  words.say(`lesson.origin.${decided.from}`, values(decided, words))

/** The same of an answer, with what was decided and may not be done today; '' where nothing was. */
export function sayAnswer({ decided, refused }: Pick<Answer, 'decided' | 'refused'>, words: Words): string {
  const said = [
    ...(decided ? [sayOrigin(decided, words)] : []),
    ...(refused ? [words.say('lesson.origin.refused', values(refused, words))] : []),
  ]
  return said.join(' ')
}

/** That somebody walks postures of a routine in forms that were kept for them; '' where none. */
export const sayGivenParts = (given: readonly Given[], words: Words): string =>
  given.length === 0
    ? ''
    : words.say('path.given', { n: given.length, of: sayList([...new Set(given.map(({ of }) => of))], words) })
