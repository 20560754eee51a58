import type { Analysis, Finding } from '@/core'
import { sayCentimetres } from './figures'
import { sayFinding, sayHeading } from './findings'
import type { Words } from './language'

const RANK = { hard: 0, caution: 1, note: 2 }

/** The finding that matters most, balance before joints; null where there is none but notes. */
export function findWorst({ findings }: Analysis): Finding | null {
  const worst = findings
    .filter(({ severity }) => severity !== 'note')
    .toSorted((a, b) => RANK[a.severity] - RANK[b.severity])[0]
  return worst ?? null
}

/** The worst first, each said once: past the edge what is sure says nothing more, past an order the edge does not. */
export const worstFirst = (findings: readonly Finding[]): Finding[] => {
  const has = (wanted: string) => findings.some(({ code }) => code === wanted)
  return findings
    .filter(({ code }) => !(code === 'balance.reserve' && has('balance.outside')))
    .filter(({ code, cause }) => !(code === 'balance.outside' && cause?.kind === 'order' && has('load.limit')))
    .sort((a, b) => RANK[a.severity] - RANK[b.severity])
}

/** Whether a verdict rests on an estimate of the person alone: nobody measured how much of the foot they can use. */
export const restsOnEstimate = ({ pose }: Analysis): boolean => pose.body.person.usableAlong === undefined

/** One of the eight ways in which somebody can tip, for a direction counted counter-clockwise from forward. */
export const sayWay = (direction: number, words: Words): string =>
  words.say(`reasons.ways.${(Math.round(direction / (Math.PI / 4)) + 8) % 8}`)

/** The reason in a word, for under a mark. */
export function sayReasonShort(analysis: Analysis | null, words: Words): string {
  if (!analysis) return words.say('reasons.notPossible')
  const worst = findWorst(analysis)
  if (!worst || analysis.verdict === 'holds') return ''
  const short = (key: string) => words.say(`reasons.short.${key}`)
  if (worst.rule === 'support.needed/seat') return short('sits')
  if (worst.code === 'balance.one-leg') return short('oneLeg')
  if (worst.cause?.kind === 'order') return short('weight')
  if (worst.part === 'balance' && worst.cause) return sayWay(awayFrom(analysis), words)
  return short(worst.code.split('.')[0] as string)
}

/** The way in which they are nearest the edge, or already past it. */
const awayFrom = ({ margins: { usable } }: Analysis) =>
  usable.nearest < 0 ? usable.nearestDirection + Math.PI : usable.nearestDirection

/** The reason as a heading; empty where there is none but notes. */
export function sayWorst(analysis: Analysis, words: Words): string {
  const worst = findWorst(analysis)
  return worst ? sayHeading(worst, words) : ''
}

/** The reason in a sentence. */
export function sayReason(analysis: Analysis | null, words: Words): string {
  if (!analysis) return words.say('reasons.cannot')
  const worst = findWorst(analysis)
  if (worst) return words.say('reasons.why', { heading: sayHeading(worst, words), text: sayFinding(worst, words) })
  const margin = sayCentimetres(analysis.assured.margin, words)
  return words.say('reasons.spare', { margin, reserve: sayCentimetres(analysis.reserve, words) })
}
