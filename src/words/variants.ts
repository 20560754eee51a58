import type { Buys, ChangeValue, Gain, Measurement, Variant } from '@/core'
import { sayDegrees } from './figures'
import { saySupport } from './findings'
import type { Words } from './language'

/** What has to be said of a variant, what it gives up of what the posture is for first; null where nothing has. */
export function sayNote(
  { givesUp, falls }: Pick<Variant, 'givesUp' | 'falls'>,
  posture: string | undefined,
  words: Words,
): string | null {
  const given = givesUp.map((meaning) => words.say(`variants.givenUp.${meaning}`)).join(words.say('variants.andAlso'))
  const said = [
    given && words.say('variants.noLonger', { posture: posture ?? words.say('variants.thePosture'), given }),
    falls && words.say(`variants.falls.${falls}`),
  ].filter(Boolean)
  return said.length > 0 ? said.join(' ') : null
}

/** What a change or a stance buys: margin, knee bend and knee load; empty where it changes none. */
export function sayBuys(buys: Buys, words: Words): string {
  if (typeof buys === 'string') return words.say(`variants.buys.${buys}`)
  return buys.map((gain) => sayGain(gain, words)).join(', ')
}

function sayGain({ what, side, by }: Gain, words: Words): string {
  const way = by > 0 ? 'more' : 'less'
  const size = Math.abs(by)
  const said = {
    margin: () => words.say('figures.millimetres', { n: words.number(size * 1000) }),
    flexion: () => sayDegrees(size, words),
    load: () => words.say('figures.newtonMetres', { n: words.number(size) }),
  }[what]()
  return words.say(`variants.buys.${what}`, { way, by: said, side: side ?? 'none' })
}

/** What to measure next. */
export const sayMeasurement = ({ cause }: Pick<Measurement, 'cause'>, words: Words): string =>
  words.say(`variants.measure.${cause}`)

/** A hand on something, of a change: "a chair back, left hand". */
export function sayHand(code: string, words: Words): string {
  const [kind = '', hand] = code.split('/')
  return hand ? words.say('body.hand', { support: saySupport(kind, words), hand }) : words.say('variants.states.none')
}

/** One end of a change that is no figure. */
export function sayState({ what }: Pick<ChangeValue, 'what'>, code: string, words: Words): string {
  if (what === 'support') return sayHand(code, words)
  if (what === 'contactLeft' || what === 'contactRight') return code
  return words.say(`variants.states.${code}`)
}
