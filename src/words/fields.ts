import { type Accepts, HOUSE_KEYS, type Refusal } from '@/core'
import { houseKeyInDocument } from '@/documents/house-keys'
import { sayAccepts } from './errors'
import { sayHouseRule } from './findings'
import type { Words } from './language'

/** A field as people call it, from its path in a document: where it is a list's or a side's, that comes before. */
export function sayField(path: string, words: Words): string {
  const parts = path.split('.')
  const name = parts.findLast((part) => !/^\d+$/.test(part)) ?? path
  const at = parts.find((part) => /^\d+$/.test(part))
  const side = parts.slice(0, -1).findLast((part) => part === 'left' || part === 'right')
  const rule = HOUSE_KEYS.find((key) => houseKeyInDocument(key) === name)
  const known = `fields.names.${name}`
  const said = [
    at !== undefined && words.say('fields.entry', { at: Number(at) + 1 }),
    side && words.say(`fields.names.${side}`),
    rule ? sayHouseRule(rule, words) : words.has(known) ? words.say(known) : words.say('fields.names.value'),
  ].filter((part): part is string => typeof part === 'string')
  return capitalise(said.join(', '))
}

/** What is wrong with a field and what would be accepted, in the unit in which screens show it. */
export const sayFieldError = ({ field, accepts }: Refusal, words: Words) =>
  words.say('fields.said', { field: sayField(field, words), accepts: sayAccepts(inScreenUnit(accepts), words) })

/** What a server refused; null where it did not answer as it should. */
export const sayRefusal = (why: Refusal | null, words: Words): string =>
  why ? sayFieldError(why, words) : words.say('errors.unexpected')

/** Documents hold metres; screens say centimetres. */
function inScreenUnit(accepts: Accepts): Accepts {
  if (accepts.code !== 'range' || accepts.unit !== 'm') return accepts
  const [min, max] = [accepts.min, accepts.max].map((metres) => Number((Number(metres) * 100).toFixed(1)))
  return { ...accepts, min, max, unit: 'cm' } as Accepts
}

const capitalise = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
