import type { Finding, HouseKey, Side } from '@/core'
import { sayFigure } from './figures'
import type { Values, Words } from './language'

/** What a rule looks at, what to do, and where its limit comes from where neither house nor person gives one. */
export type RuleWord = 'advice' | 'looksAt' | 'source'

export const sayRule = (rule: string, word: RuleWord, words: Words): string => words.say(`findings.${rule}.${word}`)

/** The finding as a heading. */
export const sayHeading = (finding: Finding, words: Words): string =>
  words.say(`findings.${finding.rule}.heading`, valuesOf(finding, words))

/** The finding as a sentence. */
export const sayFinding = (finding: Finding, words: Words): string =>
  words.say(`findings.${finding.rule}.text`, valuesOf(finding, words))

/** A part of the body on its side. */
export const sayPlace = ({ side, part }: Pick<Finding, 'side' | 'part'>, words: Words): string =>
  words.say(`body.places.${part}`, side ? { side } : {})

function valuesOf(finding: Finding, words: Words): Values {
  const { value, limit, unit, side, says = {} } = finding
  const values: Values = {
    side: side ?? 'none',
    place: sayPlace(finding, words),
    value: sayFigure({ value, unit }, words),
    limit: sayFigure({ value: limit, unit }, words),
    aspect: 'none',
  }
  for (const [name, said] of Object.entries(says)) {
    values[name] =
      typeof said === 'object' ? sayFigure(said, words) : name === 'support' ? saySupport(said, words) : said
  }
  return values
}

export const saySupport = (kind: string, words: Words): string => words.say(`body.supports.${kind}`)

export const saySide = (side: Side, words: Words): string => words.say(`body.sides.${side}`)

export const sayHouseRule = (key: HouseKey, words: Words): string => words.say(`house.${key}.name`)

export const sayHouseSource = (key: HouseKey, words: Words): string => words.say(`house.${key}.source`)
