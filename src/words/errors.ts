import type { Accepts, InputError, Refusal } from '@/core'
import { sayCentimetres } from './figures'
import type { Words } from './language'

/** What would be accepted. */
export function sayAccepts({ code, ...values }: Accepts, words: Words): string {
  return words.say(`errors.${code}`, {
    ...values,
    ...('unit' in values && { unit: words.say(`errors.units.${values.unit}`) }),
    ...(code === 'list' && { of: words.say(`errors.lists.${values.of}`) }),
    ...(code === 'object' && { of: words.say(`errors.objects.${values.of}`) }),
    ...(typeof values.by === 'number' && { by: sayCentimetres(values.by, words) }),
    ...(code === 'nearerStep' && {
      longest: sayCentimetres(Number(values.longestM), words),
      wished: sayCentimetres(Number(values.wishedM), words),
    }),
  })
}

/** What is wrong and what would be accepted: the field by its key, as a document names it. */
export const sayError = ({ field, accepts }: Refusal, words: Words): string =>
  words.say('errors.accepted', { field, accepts: sayAccepts(accepts, words) })

const SHOWN = 60

/** The same in one line with the value that was given, for a command line. */
export function sayRefused({ field, value, accepts }: InputError, words: Words): string {
  const text = value === undefined ? words.say('errors.nothing') : (JSON.stringify(value) ?? String(value))
  const shown = text.length > SHOWN ? `${text.slice(0, SHOWN - 3)}...` : text
  return words.say('errors.refused', { field, value: shown, accepts: sayAccepts(accepts, words) })
}
