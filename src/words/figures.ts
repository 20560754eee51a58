import { DEG, type Figure } from '@/core'
import { type Bend, bendOf } from '@/documents/bends'
import type { Words } from './language'

/** Figures as a sentence says them: rounded to what a hand or an eye can set. */

export const sayDegrees = (radians: number, words: Words): string =>
  words.say('figures.degrees', { n: words.number(radians / DEG) })

/** How deep, as one says it aloud: soft, a third down. */
export const sayDepth = (bend: Bend, words: Words): string => words.bends[bend] || words.say(`figures.bends.${bend}`)

/** The bend of a knee as one says it, its degrees behind it. */
export const sayBend = (radians: number, words: Words): string =>
  words.say('figures.bend', {
    depth: sayDepth(bendOf(Math.round(radians / DEG)), words),
    angle: sayDegrees(radians, words),
  })

export const sayPercent = (share: number, words: Words): string =>
  words.say('figures.percent', { n: words.number(share * 100) })

export const sayCentimetres = (metres: number, words: Words): string =>
  words.say('figures.centimetres', { n: words.number(metres * 100, 1) })

/** Never rounded up: 9.96 s are not ten. */
const saySeconds = (seconds: number, words: Words): string =>
  words.say('figures.seconds', { n: words.number(Math.floor(seconds * 10 + 1e-9) / 10, 1) })

const SAID: Record<Figure['unit'], (value: number, words: Words) => string> = {
  m: sayCentimetres,
  rad: sayDegrees,
  share: sayPercent,
  s: saySeconds,
  times: (value, words) => words.say('figures.times', { n: value }),
  points: (share, words) => words.say('figures.points', { n: Math.round(share * 100) }),
}

/** The size of a figure: which way it goes is for the sentence. */
export const sayFigure = ({ value, unit }: Figure, words: Words): string => SAID[unit](Math.abs(value), words)
